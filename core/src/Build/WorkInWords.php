<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Kit\Item;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Nature;
use Berm\Core\Kit\Stock;
use Berm\Core\Kit\StockKind;
use Berm\Core\Kit\Technology;
use Berm\Core\Saying\Sentence;

/** A piece of work as people say it: "Shrink the stress tube", and afterwards "stress tube: set". */
final class WorkInWords
{
    public static function title(WorkPlace $place, KitSheet $sheet): Sentence
    {
        $item = $sheet->items[$place->part] ?? null;
        $title = match ($place->how) {
            WorkKind::Place => 'Bring the {part} to its place',
            WorkKind::Off => Nature::Layer === $item?->nature ? 'Undo: {part}' : 'Take the {part} off',
            WorkKind::Use => 'Use the {part}',
            WorkKind::Set => null === $item ? 'Set the {part}' : self::set($item, $sheet),
        };

        return Sentence::of("$title{$place->where->after()}", ['part' => self::inASentence($sheet->nameOf($place->part))])->capitalised();
    }

    public static function done(WorkPlace $place, Names $names): Sentence
    {
        $done = match ($place->how) {
            WorkKind::Place => 'at its place', WorkKind::Set => 'set', WorkKind::Off => 'taken off', WorkKind::Use => 'used',
        };

        return Sentence::of("{part}{$place->where->after()}: $done", ['part' => $names->item($place->part)]);
    }

    /** What taking it off again costs; common practice. */
    public static function cost(Item $item, KitSheet $sheet): Sentence
    {
        return Sentence::plain(match (true) {
            $item->isShrunkIn(
                $sheet->application->technology,
            ) => 'What is shrunk does not come off whole: it is cut along and lost, and another one is needed.',
            self::isLost($item, $sheet) => 'Its support is out: it is lost, and another one is needed.',
            Nature::Wrap === $item->nature => 'What was wound is lost: wind anew from what is left in the box.',
            Nature::Layer === $item->nature => 'It can be laid again as long as no wire or tape of it broke.',
            Nature::Zone === $item->nature => 'Nothing of it is lost but the work.',
            default => 'It can be used again where it is clean and unhurt.',
        });
    }

    /** One piece of the box less. */
    public static function isLost(Item $item, KitSheet $sheet): bool
    {
        return $item->isShrunkIn($sheet->application->technology) || Nature::Body === $item->nature
            || Nature::Moulded === $item->nature && Technology::ColdShrink === $sheet->application->technology;
    }

    private static function set(Item $item, KitSheet $sheet): string
    {
        $stock = $sheet->stock[$item->stock] ?? null;

        return match ($item->nature) {
            Nature::Tube => 'Shrink the {part}',
            Nature::Body => 'Let the {part} shrink on',
            Nature::Pushed => 'Push the {part} home',
            Nature::Moulded => $item->isShrunkIn($sheet->application->technology) ? 'Shrink the {part}'
                : (Technology::ColdShrink === $sheet->application->technology ? 'Let the {part} shrink on' : 'Fit the {part}'),
            Nature::Wrap => StockKind::WraparoundSleeve === $stock?->kind ? 'Close the {part} round' : 'Wind the {part}',
            Nature::Laid => StockKind::Braid === $stock?->kind ? 'Lay the {part}' : 'Fit the {part}',
            Nature::Zone => self::isSpread($stock) ? 'Spread the {part}' : 'Make it so: {part}',
            Nature::Layer => 'Make it so: {part}',
        };
    }

    private static function isSpread(?Stock $stock): bool
    {
        return StockKind::Grease === $stock?->kind || StockKind::Compound === $stock?->kind;
    }

    /** "PVC tape" stays as it is, "Body" becomes "body". */
    public static function inASentence(string $name): string
    {
        return 1 === preg_match('/^\p{Lu}\p{Lu}/u', $name) ? $name : lcfirst($name);
    }
}
