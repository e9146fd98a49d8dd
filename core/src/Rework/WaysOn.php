<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Check\CheckPlace;
use Berm\Core\Connector\Connector;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Saying\Sentence;

/** Every way on from what is out that Berm works out: each is planned whole, and judged by the same rules at their worst. */
final class WaysOn
{
    /** Why there is nothing to do about it; null: there is. */
    public static function refusal(Plan $plan, MarkPlace|CheckPlace $fault): ?Sentence
    {
        return $fault instanceof MarkPlace ? WaysOfCut::refusal($plan, $fault) : self::refusalOfCheck($plan, $fault);
    }

    /**
     * @param Plan            $plan       in which it is out, and nothing stands against it: see refusal()
     * @param list<Connector> $connectors that could be had
     * @param list<KitAtHand> $kits       of which there is a box
     *
     * @return list<Way> those that are one before those that are not, by what they use up; the one that is always there last of them
     */
    public static function from(Plan $plan, MarkPlace|CheckPlace $fault, array $connectors, array $kits): array
    {
        $out = $fault instanceof CheckPlace ? OutLength::of($plan, $fault) : null;
        $found = match (true) {
            $fault instanceof MarkPlace => WaysOfCut::on($plan, $fault, $connectors, $kits),
            null !== $out && null !== $out->measure() => WaysOfLength::on($out, $connectors),
            default => WaysOfCheck::on($plan, $fault),
        };
        usort($found, static fn (Way $one, Way $other): int => $one->costsMoreThan($other));

        return [...$found, LastWays::makeSafe()];
    }

    private static function refusalOfCheck(Plan $plan, CheckPlace $place): ?Sentence
    {
        $task = $plan->progress?->task($place);

        return match (true) {
            null === $plan->progress => $plan->firstObstacle() ?? Sentence::plain('Nothing is planned on this job.'),
            null === $task => Sentence::plain('There is no such check on this job.'),
            null === $plan->build->check($place) => Sentence::plain('This check is not made yet: there is nothing to put right.'),
            null !== $plan->build->checkAcceptance($place) => Sentence::plain('An engineer has let this check stand.'),
            !$task->isOut => Sentence::plain('This check is inside its limits: there is nothing to put right.'),
            default => null,
        };
    }
}
