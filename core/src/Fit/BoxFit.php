<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Build\BoxOpened;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Saying\Sentence;

/** Is the box that was opened the one that is planned with, in date and complete? Nothing is said before one is opened. */
final class BoxFit
{
    /** @return list<Finding> */
    public static function judge(?BoxOpened $box, ?\DateTimeImmutable $openedAt, KitSheet $sheet, KitSize $size): array
    {
        return null === $box || null === $openedAt ? [] : [self::item($box, $size), self::date($box, $openedAt), ...self::contents($box, $sheet)];
    }

    private static function item(BoxOpened $box, KitSize $size): Finding
    {
        $values = ['is' => $box->item, 'wanted' => $size->gtin->digits ?? '', 'size' => $size->label, 'batch' => $box->batch];

        return null === $size->gtin || $size->gtin->digits === $box->item
            ? Finding::fits(Criterion::BoxItem, null, Sentence::of('' === $box->batch ? 'The box opened is of this kit and size.' : 'The box opened is of this kit and size, batch {batch}.', $values))
            : Finding::refused(Criterion::BoxItem, null, Sentence::of('The box opened is item {is}; size {size} of this kit is item {wanted}. Open the right one, or choose the kit again.', $values));
    }

    /** The last day belongs to it. */
    private static function date(BoxOpened $box, \DateTimeImmutable $openedAt): Finding
    {
        $values = ['opened' => $openedAt->format('Y-m-d'), 'keeps' => $box->expiresOn?->format('Y-m-d') ?? ''];

        return match (true) {
            null === $box->expiresOn => Finding::undecided(Criterion::ShelfLife, null, Sentence::plain('Neither its label nor its sheet tells how long the box keeps: ask its maker by its batch.'))->asWarning(),
            $values['opened'] > $values['keeps'] => Finding::refused(Criterion::ShelfLife, null, Sentence::of('The box kept until {keeps} and was opened on {opened}.', $values)),
            default => Finding::fits(Criterion::ShelfLife, null, Sentence::of('The box keeps until {keeps}; it was opened on {opened}.', $values)),
        };
    }

    /** @return list<Finding> */
    private static function contents(BoxOpened $box, KitSheet $sheet): array
    {
        $names = array_map(static fn (string $key): string => lcfirst($sheet->parts[$key]->name ?? $sheet->contents[$key]->name ?? $key), $box->missing);

        return [] === $names
            ? [Finding::fits(Criterion::BoxContents, null, Sentence::plain('Everything was in the box.'))]
            : [Finding::refused(Criterion::BoxContents, null, Sentence::of('Missing from the box: {missing}. Take another one.', ['missing' => implode(', ', $names)]))];
    }
}
