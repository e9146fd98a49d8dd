<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\OtherSideTakes;
use Berm\Core\Build\Writer;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** The other end of a joint takes what was cut too far on this one: an engineer's, for both leave the sheet's marks. */
final class OtherSide
{
    public static function refusal(Plan $plan, OtherSideTakes $event): ?Sentence
    {
        $mark = $plan->markOut?->mark($event->place->end, $event->place->cut, $event->place->core);
        $judgement = null === $mark ? null : $plan->build->judgementOf($mark);

        return match (true) {
            null === $mark || !$mark->place->equals($event->place) => Sentence::plain('There is no such cut on this job.'),
            true !== $judgement?->isTooLong() => Sentence::plain('This cut is not too long: there is nothing for the other end to take.'),
            default => self::notThere($plan, $event) ?? self::tooMuch($judgement, $mark, $event->by)
                ?? self::fails(self::by($plan, $event)),
        };
    }

    private static function fails(Plan $plan): ?Sentence
    {
        return Thinnest::tooFar($plan) ?? Thinnest::broken($plan);
    }

    private static function notThere(Plan $plan, OtherSideTakes $event): ?Sentence
    {
        $other = $event->other();
        $isThere = AccessoryFunction::Joint === $plan->job->function && Cut::Insulation !== $other->cut
            && true === $plan->markOut?->mark($other->end, $other->cut, $other->core)?->place->equals($other);

        return match (true) {
            !$isThere => Sentence::plain('There is no such cut on the other end that could take it.'),
            null !== $plan->build->cut($other) => Sentence::plain("End {$other->end->value} is cut there already: it cannot be put back."),
            default => null,
        };
    }

    /** No more than this one is past its mark. */
    private static function tooMuch(Judgement $judgement, Mark $mark, Length $by): ?Sentence
    {
        $over = $judgement->value->minus($mark->at);

        return Length::ofNanometres(0)->isLessThan($by) && $by->isAtMost($over) ? null : Sentence::of(
            'It lies {over:fine} past its mark: the other end can take no more than that.', ['over' => $over],
        );
    }

    /** @return Way|null null: there is no other end, or no such cut on it */
    public static function way(Plan $plan, Mark $mark, Judgement $judgement): ?Way
    {
        $over = $judgement->value->minus($mark->at);
        $event = new OtherSideTakes($mark->place, $over, '');
        $other = $event->other();
        $at = $plan->markOut?->mark($other->end, $other->cut, $other->core);
        // A strip that is shorter than the connector is deep keeps the conductor from its place.
        if (Cut::Insulation === $mark->place->cut || AccessoryFunction::Joint !== $plan->job->function
            || true !== $at?->place->equals($other)) {
            return null;
        }

        $layer = "[{$mark->place->cut->layer()->label()}]";

        return Way::of(
            WayKind::OtherSide, Sentence::plain("An engineer lets it stand, and end {$other->end->value} takes it"), Sentence::of(
                "The $layer of end {$other->end->value} is cut {at:fine} from the cable end, not {was:fine}: "
                    .'from one end to the other it comes to what is planned.', ['at' => $at->at->minus($over), 'was' => $at->at],
            ), choice: Choice::writing($event), by: Writer::Engineer,
        )->ruledOut(self::notThere($plan, $event))->comingTo(static fn (): Comes => Comes::toMarks(self::by($plan, $event)));
    }

    private static function by(Plan $plan, OtherSideTakes $event): Plan
    {
        $log = array_values($plan->build->counting);
        $last = $log[\count($log) - 1] ?? null;

        return null === $last ? $plan : Plan::ofLog($plan->job, [
            ...$log, Entry::of('taken', '', $last->at, $event, null, $event->basis($plan)),
        ]);
    }
}
