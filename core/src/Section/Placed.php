<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Measure;
use Berm\Core\Formula\Formula;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Property;
use Berm\Core\Kit\Side;
use Berm\Core\Margin\Locus;
use Berm\Core\Quantity\Length;

/**
 * A part that is placed and not set yet is as long as it was supplied: its edges lie further out than they will.
 *
 * The edge that it is placed by stays where it is; what lies across a joint or is centred is shrunk from its middle, and both its ends go
 * in by half. Common practice.
 *
 * @internal
 */
final readonly class Placed
{
    public function __construct(private Places $places)
    {
    }

    /** By how much more a length measures at its check than it will once everything is set; null where it measures the same. */
    public function more(CheckPlace $check, Measure $measure, End $one, End $other): ?Locus
    {
        $from = $this->outwards($check, $measure->from, $one);
        $to = $this->outwards($check, $measure->to, $other);
        if (null === $from && null === $to) {
            return null;
        }
        $places = $this->places;
        $at = static fn (Formula $formula, End $end): Length => $places->frame($end)->onAxis(
            $places->evaluate($formula, $places->assembly->cable($end)),
        )->nominal;
        $isOn = $at($measure->from, $one)->isLessThan($at($measure->to, $other));
        $zero = Locus::exact(Length::ofNanometres(0));
        $apart = ($this->onAxis($to, $other) ?? $zero)->minus($this->onAxis($from, $one) ?? $zero);

        return $isOn ? $apart : $apart->negated();
    }

    /** How much further from the end of the conductor an edge lies at a check than once its item is set; null where it lies there. */
    public function outwards(CheckPlace $check, Formula $edge, End $end): ?Locus
    {
        $of = $this->places->assembly->sheet->edges()[$edge->name() ?? ''] ?? null;
        $item = $this->places->assembly->sheet->items[$of->item ?? ''] ?? null;
        if (null === $of || null === $item || null !== $of->feature || !$this->places->assembly->sheet->isOnlyPlaced($check, $item)) {
            return null;
        }
        $supplied = $this->places->assembly->size->stockOf($item)?->size(Property::Length)?->value;
        $installed = $this->places->causes->stock($item, Side::EachEnd === $item->side ? $end : null, Property::InstalledLength);
        if (null === $supplied || null === $installed || !$item->placing->needsLength()) {
            return null;
        }
        $share = self::share($item, $of->isFar);
        $goes = Locus::exact($supplied)->minus($installed)->times($share);

        return 0.0 === $share ? null : ($of->isFar ? $goes : $goes->negated());
    }

    /** The part of the change that an edge takes: 0, a half or 1. */
    public static function share(Item $item, bool $isFar): float
    {
        $placing = $item->placing;

        return match (true) {
            Side::Across === $item->side, null !== $placing->centredOn, null !== $placing->fromCentre => 0.5,
            null !== $placing->from => $isFar ? 1.0 : 0.0,
            default => $isFar ? 0.0 : 1.0,
        };
    }

    private function onAxis(?Locus $outwards, End $end): ?Locus
    {
        $frame = $this->places->frame($end);

        return null === $outwards ? null : $frame->onAxis($outwards)->minus($frame->onAxis(Locus::exact(Length::ofNanometres(0))));
    }
}
