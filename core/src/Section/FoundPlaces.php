<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Item;
use Berm\Core\Margin\Cause;
use Berm\Core\Margin\CauseKind;
use Berm\Core\Margin\Locus;
use Berm\Core\MarkOut\Cut;

/** Where things are by the lengths that were measured between them on one core. @internal use Places */
final class FoundPlaces
{
    /** @param list<Find> $finds on this core */
    public function __construct(
        private readonly Places $places, private readonly array $finds,
        /** The same places where nothing was found but the cuts. */
        private ?Places $unfound,
    ) {
    }

    /**
     * How far apart the conductors end, by a length that was measured across them between cuts; null while none was.
     *
     * What was measured before the connector was fixed has grown since.
     *
     * @param bool $isFixed the connector is
     */
    public function across(bool $isFixed): ?Locus
    {
        foreach (array_reverse($this->finds) as $find) {
            [$one, $other] = [Cut::ofFormulaName($find->measure->from->name() ?? ''), Cut::ofFormulaName($find->measure->to->name() ?? '')];
            if (!$find->measure->isAcross || null === $one || null === $other || $find->isFixed && !$isFixed) {
                continue;
            }
            $apart = $this->reading($find)->minus($this->places->cut(End::A, $one))->minus($this->places->cut(End::B, $other));
            $share = $this->places->assembly->connector->specification->seating->share;
            $growth = $this->places->causes->growth(End::A)->plus($this->places->causes->growth(End::B))->times($share);

            return $isFixed && !$find->isFixed ? $apart->plus($growth) : $apart;
        }

        return null;
    }

    /** A length as it was read, within what its instrument tells. */
    private function reading(Find $find): Locus
    {
        $thing = $find->place->stage.' '.$find->place->check;

        return Locus::moved($find->reading->value, Cause::around(
            CauseKind::Reading, $thing, "length “{$find->place->check}”", $find->place->where, $find->reading->uncertainty(),
        ));
    }

    /**
     * Where an edge of an item was found, on the axis; null while nobody has measured it.
     *
     * @param bool $isLower the edge towards end A, or on a termination towards the lug
     */
    public function edge(Item $item, ?End $itemEnd, bool $isLower): ?Locus
    {
        $found = null;
        foreach ($this->finds as $find) {
            $end = $find->place->where->end ?? $find->measure->end ?? $this->places->assembly->cables[0]->end;
            $isHere = null === $itemEnd || $itemEnd === $end;
            $found = $isHere && !$find->measure->isAcross ? $this->edgeBy($find, $item, $end, $isLower) ?? $found : $found;
        }

        return $found;
    }

    private function edgeBy(Find $find, Item $item, End $end, bool $isLower): ?Locus
    {
        foreach ([[$find->measure->from, $find->measure->to], [$find->measure->to, $find->measure->from]] as [$edge, $anchor]) {
            $of = $this->places->assembly->sheet->edges()[$edge->name() ?? ''] ?? null;
            $isMirrored = AccessoryFunction::Joint === $this->places->assembly->function() && End::A === $end;
            if (null === $of || $of->item !== $item->key || null !== $of->feature || ($of->isFar === $isMirrored) !== $isLower
                || !$this->places->assembly->sheet->isBefore($anchor, $item)) {
                continue;
            }
            $at = $this->places->evaluate($anchor, $this->places->assembly->cable($end));
            $this->unfound ??= $this->places->unfound();
            $planned = $this->unfound->evaluate($edge, $this->places->assembly->cable($end));
            $reading = $this->reading($find);
            $there = $planned->nominal->isLessThan($at->nominal) ? $at->minus($reading) : $at->plus($reading);
            $outwards = (new Placed($this->places))->outwards($find->place, $edge, $end);

            return $this->places->frame($end)->onAxis(null === $outwards ? $there : $there->minus($outwards));
        }

        return null;
    }
}
