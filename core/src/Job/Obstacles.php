<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\BuildState;
use Berm\Core\Fit\Criterion;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\Outcome;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Lap;

/** What stands in a job's way, found step by step in the order of the work. @internal use Plan::$obstacles */
final class Obstacles
{
    /**
     * @param list<Lap> $laps
     *
     * @return list<Obstacle>
     */
    public static function of(Job $job, BuildState $build, FitReport $cableFit, ?FitReport $kitFit, ?FitReport $connectorFit, ?ParkingPlan $parking, array $laps, ?Sentence $markOutProblem): array
    {
        return [
            ...(null === $build->safety ? [new Obstacle(Step::Safety, Sentence::plain('Nobody has confirmed, from the local permit, that it is safe to start.'))] : []),
            ...self::cables($job),
            ...self::fit(Step::Cables, $cableFit),
            ...(null === $job->size ? [new Obstacle(Step::Kit, Sentence::plain('No kit is chosen.'))] : self::fit(Step::Kit, $kitFit)),
            ...(null === $job->connector ? [new Obstacle(Step::Connector, Sentence::plain(\sprintf('No %s is chosen.', $job->function->connectorKind()->label())))] : self::fit(Step::Connector, $connectorFit)),
            ...(null === $markOutProblem ? [] : [new Obstacle(Step::MarkOut, $markOutProblem)]),
            ...self::parking($parking),
            ...self::laps($laps),
        ];
    }

    /** @return list<Obstacle> */
    private static function cables(Job $job): array
    {
        $missing = array_filter($job->function->ends(), static fn ($end): bool => !isset($job->cables[$end->value]));

        return array_values(array_map(static fn ($end): Obstacle => new Obstacle(Step::Cables, Sentence::plain("The cable of end {$end->value} is not chosen.")), $missing));
    }

    /** @return list<Obstacle> */
    private static function fit(Step $step, ?FitReport $report): array
    {
        // What a parked part asks to be measured, the oversheath's own criterion asks already.
        $stopping = array_filter($report->findings ?? [], static fn (Finding $finding): bool => $finding->stops && !$finding->outcome->lets()
            && !(Outcome::CannotTell === $finding->outcome && Criterion::ParkedBore === $finding->criterion));

        return array_values(array_map(static fn (Finding $finding): Obstacle => new Obstacle(
            Outcome::CannotTell === $finding->outcome ? Step::Cables : $step,
            Sentence::of(null === $finding->end ? $finding->reason->template : "End {$finding->end->value}: {$finding->reason->template}", $finding->reason->values),
        ), $stopping));
    }

    /** @return list<Obstacle> */
    private static function parking(?ParkingPlan $parking): array
    {
        $obstacles = [];
        foreach ($parking->sides ?? [] as $side) {
            $values = ['needed' => $side->needed, 'free' => $side->free ?? $side->needed, 'short' => $side->spare()?->absolute() ?? $side->needed];
            if ($side->isUndecided() && $side->isOnCores) {
                continue; // Known once it is marked out.
            }
            if ($side->isUndecided()) {
                $obstacles[] = new Obstacle(Step::Cables, Sentence::of("End {$side->end->value}: measure the straight, clean length free for parking. The parts need {needed} nose to tail.", $values));
            } elseif ($side->isShort() && $side->isOnCores) {
                $obstacles[] = new Obstacle(Step::MarkOut, Sentence::of("End {$side->end->value}: the parts parked on each core need {needed}, and the cores stand free for {free} only: {short} short.", $values));
            } elseif ($side->isShort()) {
                $obstacles[] = new Obstacle(Step::MarkOut, Sentence::of("End {$side->end->value}: the parked parts need {needed} nose to tail and only {free} is free: {short} short. Free more cable, or straighten it further back.", $values));
            }
        }

        return $obstacles;
    }

    /**
     * @param list<Lap> $laps
     *
     * @return list<Obstacle>
     */
    private static function laps(array $laps): array
    {
        $short = array_filter($laps, static fn (Lap $lap): bool => $lap->judgement->margin->isNegative());

        $obstacles = [];
        foreach ($short as $lap) {
            $obstacles[$lap->part->key.$lap->end->value.$lap->coverage->of.$lap->coverage->rule->value] ??= new Obstacle(Step::MarkOut, $lap->reason());
        }

        return array_values($obstacles);
    }
}
