<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\CoreError;
use Berm\Core\Formula\Formula;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Property;
use Berm\Core\Kit\Side;
use Berm\Core\Margin\Locus;
use Berm\Core\Place\Place;
use Berm\Core\Place\PlaceKind;
use Berm\Core\Quantity\Length;

/** Lays items where their sheet wants them. @internal use Places */
final readonly class Laying
{
    public function __construct(private Places $places)
    {
    }

    /**
     * @return list<PlacedItem>
     *
     * @throws CoreError
     */
    public function lay(Item $item): array
    {
        $placed = [];
        foreach ($this->ends($item) as $cable) {
            $placed = [...$placed, ...$this->row($item, $cable)];
        }

        return $placed;
    }

    /** @return list<CableEnd> from which its place is reckoned */
    private function ends(Item $item): array
    {
        $cables = $this->places->assembly->cables;

        return match ($item->side) {
            Side::Across, Side::EndA => [$cables[0]],
            Side::EachEnd => $cables,
            Side::EndB => \array_slice($cables, 1, 1),
        };
    }

    /** @return list<PlacedItem> */
    private function row(Item $item, CableEnd $cable): array
    {
        $isAcross = Side::Across === $item->side && AccessoryFunction::Joint === $this->places->assembly->function();
        [$from, $to] = $this->asFound(
            $item, $isAcross ? null : $cable->end, $isAcross ? $this->across($item) : $this->onEnd($item, $cable),
        );
        $stock = $this->places->assembly->size->stockOf($item);
        $pitch = $stock?->size(Property::Pitch)->value ?? Length::ofNanometres(0);
        $placed = [];
        for ($i = 0; $i < ($stock?->inRow() ?? 1); ++$i) {
            $placed[] = new PlacedItem(
                $item, $isAcross ? null : $cable->end, $i, $from->movedBy($pitch->times($i)), $to->movedBy($pitch->times($i)),
            );
        }

        return $placed;
    }

    /**
     * Where it was found, as far as it was measured: its other edge is as far away as it is long.
     *
     * @param array{Locus, Locus} $planned
     *
     * @return array{Locus, Locus}
     */
    private function asFound(Item $item, ?End $end, array $planned): array
    {
        [$from, $to] = $planned;
        $length = $to->minus($from);
        [$lower, $upper] = [$this->places->foundEdge($item, $end, true), $this->places->foundEdge($item, $end, false)];

        return match (true) {
            null !== $lower && null !== $upper => [$lower, $upper],
            null !== $lower => [$lower, $item->placing->needsLength() ? $lower->plus($length) : $to],
            null !== $upper => [$item->placing->needsLength() ? $upper->minus($length) : $from, $upper],
            default => $planned,
        };
    }

    /** @return array{Locus, Locus} on the axis */
    private function onEnd(Item $item, CableEnd $cable): array
    {
        $placing = $item->placing;
        $frame = $this->places->frame($cable->end);
        $length = $this->places->length($item, $cable->end);
        $at = fn (Formula $formula, string $edge): Locus => $this->places->evaluate($formula, $cable, ['part_length' => $length])
            ->with($this->places->causes->placing($item, $cable->end, $edge));
        if (null !== $placing->centredOn) {
            [$from, $to] = $this->where($placing->centredOn, $cable->end);
            $middle = $from->plus($to)->times(0.5)->with($this->places->causes->placing($item, $cable->end));

            return [$middle->minus($length->times(0.5)), $middle->plus($length->times(0.5))];
        }

        return match (true) {
            null !== $placing->from && null !== $placing->to => $frame->stretch(
                $at($placing->from, 'nearer edge'), $at($placing->to, 'farther edge'),
            ),
            null !== $placing->from => $frame->stretch($near = $at($placing->from, ''), $near->plus($length)),
            null !== $placing->to => $frame->stretch(($far = $at($placing->to, ''))->minus($length), $far),
            default => throw new \LogicException('on one end a place is given from the end of the conductor'),
        };
    }

    /** @return array{Locus, Locus} on the axis */
    private function across(Item $item): array
    {
        $placing = $item->placing;
        [$a, $b] = [$this->places->assembly->cables[0], $this->places->assembly->cables[1] ?? $this->places->assembly->cables[0]];
        $length = $this->places->length($item, null);
        $more = ['part_length' => $length];
        $on = fn (Formula $formula, CableEnd $cable, string $edge): Locus => $this->places->frame($cable->end)->onAxis(
            $this->places->evaluate($formula, $cable, $more),
        )->with($this->places->causes->placing($item, null, $edge));
        if (null !== $placing->from && null !== $placing->to) {
            return [$on($placing->from, $a, 'edge on end A'), $on($placing->to, $b, 'edge on end B')];
        }
        if (null !== $placing->from) {
            $from = $on($placing->from, $a, '');

            return [$from, $from->plus($length)];
        }
        if (null !== $placing->to) {
            $to = $on($placing->to, $b, '');

            return [$to->minus($length), $to];
        }
        $hand = $this->places->causes->placing($item, null);
        if (null !== $placing->centredOn) {
            [$from, $to] = $this->where($placing->centredOn, null);
            $middle = $from->plus($to)->times(0.5)->with($hand);

            return [$middle->minus($length->times(0.5)), $middle->plus($length->times(0.5))];
        }
        [$mouthA, $mouthB] = $this->places->connector();
        $edge = null === $placing->fromCentre
            ? Locus::exact(Length::ofNanometres(0))
            : $this->places->evaluate($placing->fromCentre, $a, $more);
        $from = $mouthA->plus($mouthB)->times(0.5)->plus($edge)->with($hand);

        return [$from, $from->plus($length)];
    }

    /** @return array{Locus, Locus} both ends of a place on the axis: of a layer across a joint, its cuts on both ends */
    private function where(Place $place, ?End $end): array
    {
        $item = PlaceKind::Item === $place->kind ? $this->places->assembly->sheet->items[$place->key] ?? null : null;
        $cut = $place->cut();
        if (null !== $item) {
            $all = $this->places->placed($item);

            return [$all[0]->from, $all[\count($all) - 1]->to];
        }
        if (null === $cut) {
            return $this->places->connector();
        }
        $edge = fn (CableEnd $cable): Locus => $this->places->frame($cable->end)->onAxis($this->places->cut($cable->end, $cut));
        $cables = null === $end ? $this->places->assembly->cables : [$this->places->assembly->cable($end)];

        return [$edge($cables[0]), $edge($cables[\count($cables) - 1])];
    }
}
