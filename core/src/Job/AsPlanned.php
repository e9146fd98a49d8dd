<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\BuildState;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Places;

/** Where everything was to lie before anything was measured, to be held against where it was found. */
final readonly class AsPlanned
{
    /** Less is no difference that a tape tells: half a millimetre. */
    private const SEEN = 500_000;

    private function __construct(private Places $places)
    {
    }

    /** Null while nothing is cut: all lies as planned. */
    public static function of(Plan $plan): ?self
    {
        $nothing = BuildState::nothingDone();
        $measuring = $plan->build->hasCuts() && null !== $plan->section ? Assembled::of($plan->job)->measuring($nothing) : null;

        return null === $measuring ? null : new self($measuring->places($plan->section->core));
    }

    /**
     * The edges that an item was to have, on the axis.
     *
     * @return array{Length, Length}|null null where it lies as planned
     */
    public function edges(PlacedItem $found): ?array
    {
        foreach ($this->places->placed($found->item) as $planned) {
            if ($planned->end === $found->end && $planned->index === $found->index) {
                [$from, $to] = [$planned->from->nominal, $planned->to->nominal];

                return self::isSeen($from, $found->from->nominal) || self::isSeen($to, $found->to->nominal) ? [$from, $to] : null;
            }
        }

        return null;
    }

    /** Where a cut was to lie, on the axis; null where it lies as planned. */
    public function cut(MarkPlace $place, Length $found): ?Length
    {
        $planned = $this->places->frame($place->end)->onAxis($this->places->cut($place->end, $place->cut))->nominal;

        return self::isSeen($planned, $found) ? $planned : null;
    }

    private static function isSeen(Length $planned, Length $found): bool
    {
        return abs($planned->nanometres - $found->nanometres) >= self::SEEN;
    }
}
