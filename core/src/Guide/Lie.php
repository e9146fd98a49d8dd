<?php

declare(strict_types=1);

namespace Berm\Core\Guide;

use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Nature;
use Berm\Core\Kit\Property;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\CutPoint;
use Berm\Core\Section\Placed;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Section;

/** Where an item lies, told from the edge that is nearest to it and can be seen, and what no longer can be once it lies there. */
final readonly class Lie
{
    /** So many hidden things are named. */
    private const MOST = 4;

    public function __construct(private Plan $plan, private Section $section)
    {
    }

    /**
     * @param PlacedItem $last     of several in a row; else the same as the first
     * @param bool       $isPlaced not set yet, and as long as it was supplied
     *
     * @return list<Sentence>
     */
    public function edges(PlacedItem $first, PlacedItem $last, ?End $end, bool $isPlaced): array
    {
        $isAcross = AccessoryFunction::Joint === $this->plan->job->function && null === $first->end;
        $on = $isAcross ? End::B : $end ?? $first->end ?? End::A;
        [$inwards, $outwards] = $isPlaced ? $this->goes($first->item, $isAcross) : [0, 0];
        [$below, $above] = $this->isMirrored($on) ? [$outwards, $inwards] : [$inwards, $outwards];
        $from = $first->from->nominal->minus(Length::ofNanometres($below));
        $to = $last->to->nominal->plus(Length::ofNanometres($above));
        $now = $isPlaced && 0 !== $below + $above ? ', as long as it was supplied' : '';
        if (!$isAcross) {
            // Of a joint, end A lies lower on the axis than the connector.
            [$near, $far] = $this->isMirrored($on) ? [$to, $from] : [$from, $to];

            return [Sentence::of("From {near} to {far}: {long} along the cable$now.", [
                'near' => $this->edge($near, $on), 'far' => $this->edge($far, $on), 'long' => $to->minus($from),
            ])];
        }
        [$onA, $onB] = [$this->edge($from, End::A), $this->edge($to, End::B)];

        return $onA->equals($onB)
            ? [Sentence::of("Its edge on either end: {edge}$now.", ['edge' => $onA])]
            : [Sentence::of("Its edge on end A: {edge}, on end B: {other}$now.", ['edge' => $onA, 'other' => $onB])];
    }

    /**
     * How much further out its edges lie than once it is set, in nm: the nearer and the farther; of what lies across, on A and on B.
     *
     * @return array{int, int}
     */
    private function goes(Item $item, bool $isAcross): array
    {
        $stock = $this->plan->job->size?->stockOf($item);
        $supplied = $stock?->size(Property::Length)?->value;
        $installed = $stock?->installed()?->value;
        $isKnown = null !== $supplied && null !== $installed && $item->placing->needsLength();
        $change = $isKnown ? $supplied->minus($installed)->nanometres : 0;

        return [(int) ($change * Placed::share($item, $isAcross)), (int) ($change * Placed::share($item, true))];
    }

    /** @return list<Sentence> what can still be seen before, and not once it lies there */
    public function hides(PlacedItem $placed): array
    {
        if (Nature::Zone === $placed->item->nature) {
            return [];
        }
        $beneath = [];
        foreach ($this->section->items as $other) {
            if ($other->item === $placed->item) {
                break;
            }
            $beneath[] = $other;
        }
        $hidden = $this->named($placed, $beneath);
        $more = \count($hidden) - self::MOST;
        $named = implode(', ', \array_slice($hidden, 0, self::MOST));

        return [] === $hidden ? [] : [Sentence::plain("It hides $named".($more > 0 ? " and $more more." : '.'))];
    }

    /**
     * @param list<PlacedItem> $beneath
     *
     * @return list<string>
     */
    private function named(PlacedItem $placed, array $beneath): array
    {
        $isSeen = static fn (float $at, int $after): bool => [] === array_filter(
            \array_slice($beneath, $after), static fn (PlacedItem $one): bool => Nature::Zone !== $one->item->nature && $one->covers($at),
        );
        $named = [];
        foreach ($this->section->cuts as $cut) {
            $at = $cut->onAxis->nanometres;
            $isThere = $placed->covers($at) && (null !== $cut->place->core || !$placed->item->isPerCore);
            $named[] = $isThere && $isSeen($at, 0) ? "the edge of the [{$cut->place->cut->layer()->label()}]" : null;
        }
        foreach ($beneath as $i => $other) {
            [$from, $to] = [$other->from->nominal->nanometres, $other->to->nominal->nanometres];
            $isThere = $placed->covers($from) && $placed->covers($to);
            $named[] = $isThere && $isSeen($from, $i + 1) && $isSeen($to, $i + 1) ? 'the '.lcfirst($other->item->name) : null;
        }

        return array_values(array_unique(array_filter($named, static fn (?string $one): bool => null !== $one)));
    }

    private function edge(Length $onAxis, End $end): Sentence
    {
        $cut = $this->nearest($onAxis, $end);
        if (null === $cut) {
            return Sentence::of('{at} from the centre', ['at' => $onAxis->absolute()]);
        }
        $away = $onAxis->minus($cut->onAxis);
        $away = $this->isMirrored($end) ? $away->negated() : $away;
        $edge = "the cut of the [{$cut->place->cut->layer()->label()}]";

        return match (true) {
            0 === $away->nanometres => Sentence::plain($edge),
            $away->isNegative() => Sentence::of("{away} short of $edge", ['away' => $away->absolute()]),
            default => Sentence::of("{away} past $edge", ['away' => $away]),
        };
    }

    private function nearest(Length $onAxis, End $end): ?CutPoint
    {
        $nearest = null;
        foreach ($this->section->cuts as $cut) {
            if ($cut->place->end === $end && (null === $nearest
                || $onAxis->minus($cut->onAxis)->absolute()->isLessThan($onAxis->minus($nearest->onAxis)->absolute()))) {
                $nearest = $cut;
            }
        }

        return $nearest;
    }

    private function isMirrored(End $end): bool
    {
        return AccessoryFunction::Joint === $this->plan->job->function && End::A === $end;
    }
}
