<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\PlanDraftFile;
use App\UseCase\PlannedJob;
use App\UseCase\StoredEntry;
use Berm\Core\Build\BuildState;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Comparison;
use Berm\Core\File\LogFile;
use Berm\Core\Fit\FitReport;
use Berm\Core\Job\NextStep;
use Berm\Core\Job\Obstacle;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Step;

final class JobJson
{
    /** @return array<string, mixed> */
    public static function of(PlannedJob $job): array
    {
        [$stored, $plan] = [$job->stored, $job->plan];

        return [
            'id' => $stored->id,
            'name' => $stored->name,
            'function' => $stored->function->value,
            'version' => $stored->version,
            'changedAt' => $stored->changedAt->format(\DATE_ATOM),
            'draft' => PlanDraftFile::write($stored->draft),
            'ends' => array_values(array_map(CableJson::end(...), $plan->job->cables)),
            'kit' => null === $plan->job->sheet || null === $plan->job->size ? null : SheetJson::kit($plan->job->sheet, $plan->job->size),
            'connector' => null === $plan->job->connector ? null : SheetJson::connector($plan->job->connector),
            'comparison' => self::comparison($plan),
            'dewPointCelsius' => $plan->job->site->weather->dewPoint(),
            'fit' => ['cables' => FitJson::of($plan->cableFit ?? FitReport::of()), 'kit' => FitJson::of($plan->kitFit), 'connector' => FitJson::of($plan->connectorFit)],
            'markOut' => MarkOutJson::of($plan),
            'parking' => ParkingJson::of($plan),
            'section' => SectionJson::of($plan->section),
            'stages' => StageJson::of($plan),
            'isBuilt' => $plan->isBuilt(),
            'steps' => array_map(static fn (Step $step): array => self::step($step, $plan), Step::cases()),
            'next' => self::next($plan->next()),
            'safety' => null === $plan->build->safety ? null : ['permit' => $plan->build->safety->permit, 'confirmedBy' => $plan->build->safety->confirmedBy, 'confirmedAt' => $plan->build->safety->confirmedAt->format(\DATE_ATOM)],
            'connectorFitted' => null === $plan->build->connector ? null : ['batch' => $plan->build->connector->batch],
            'log' => array_map(static fn (StoredEntry $entry): array => self::entry($entry, $plan->build), $stored->log),
            'logUnbroken' => StoredEntry::isUnbroken($stored->log),
        ];
    }

    /** @return array<string, mixed> */
    public static function summary(PlannedJob $job): array
    {
        $plan = $job->plan;

        return [
            'id' => $job->stored->id,
            'name' => $job->stored->name,
            'function' => $job->stored->function->value,
            'unit' => $job->stored->draft->unit->value,
            'changedAt' => $job->stored->changedAt->format(\DATE_ATOM),
            'cables' => array_values(array_map(static fn (CableEnd $cable): string => $cable->construction->designation, $plan->job->cables)),
            'kit' => null === $plan->job->sheet || null === $plan->job->size ? null : SheetJson::kit($plan->job->sheet, $plan->job->size),
            'obstacles' => array_map(self::obstacle(...), $plan->obstacles),
            'steps' => array_map(static fn (Step $step): array => ['step' => $step->value, 'done' => $plan->isDone($step)], Step::cases()),
            'next' => self::next($plan->next()),
            'isFinished' => $plan->isBuilt(),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function comparison(Plan $plan): array
    {
        $cables = $plan->job->allCables() ?? [];

        return isset($cables[1]) ? array_map(SentenceJson::of(...), Comparison::of($cables[0], $cables[1])) : [];
    }

    /** @return array<string, mixed> */
    private static function step(Step $step, Plan $plan): array
    {
        $here = array_filter($plan->obstacles, static fn (Obstacle $obstacle): bool => $obstacle->step === $step);

        return ['step' => $step->value, 'done' => $plan->isDone($step), 'obstacles' => array_values(array_map(static fn (Obstacle $obstacle): array => SentenceJson::of($obstacle->reason), $here))];
    }

    /** @return array<string, mixed> */
    private static function obstacle(Obstacle $obstacle): array
    {
        return ['step' => $obstacle->step->value, 'reason' => SentenceJson::of($obstacle->reason)];
    }

    /** @return array<string, mixed> */
    private static function next(NextStep $next): array
    {
        return ['step' => $next->step->value, 'title' => SentenceJson::of($next->title), 'task' => $next->task?->kind->value, 'end' => $next->task?->where->end?->value, 'core' => $next->task?->where->core, 'cut' => $next->task?->mark?->cut->value, 'part' => $next->task?->part?->key, 'stage' => $next->task?->stage->key, 'check' => $next->task?->check?->key];
    }

    /** @return array<string, mixed> */
    private static function entry(StoredEntry $stored, BuildState $build): array
    {
        return [
            'id' => $stored->entry->id,
            'sequence' => $stored->sequence,
            'by' => $stored->entry->by,
            'at' => $stored->entry->at->format(\DATE_ATOM),
            'event' => LogFile::writeEvent($stored->entry->event),
            'counts' => isset($build->counting[$stored->entry->id]),
            'hash' => $stored->hash,
        ];
    }
}
