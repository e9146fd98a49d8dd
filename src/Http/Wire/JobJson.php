<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\PlanDraftFile;
use App\UseCase\PlannedJob;
use App\UseCase\StoredEntry;
use Berm\Core\Build\Names;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Job\Plan;
use Berm\Core\Wire\EntryJson;
use Berm\Core\Wire\KitJson;
use Berm\Core\Wire\PlanJson;

/** A job as it is kept, with all that follows from it. */
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
            'stamp' => $stored->stamp(),
            'changedAt' => $stored->changedAt->format(\DATE_ATOM),
            'draft' => PlanDraftFile::write($stored->draft),
            ...PlanJson::of($plan),
            'log' => array_map(
                static fn (StoredEntry $entry, int $i): array => self::entry($entry, $stored->log[$i - 1] ?? null, $plan), $stored->log,
                array_keys($stored->log),
            ),
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
            'cables' => array_values(array_map(
                static fn (CableEnd $cable): string => $cable->construction->designation, $plan->job->cables,
            )),
            'kit' => null === $plan->job->sheet || null === $plan->job->size ? null : KitJson::size($plan->job->sheet, $plan->job->size),
            ...PlanJson::standing($plan),
        ];
    }

    /** @return array<string, mixed> */
    private static function entry(StoredEntry $stored, ?StoredEntry $before, Plan $plan): array
    {
        return [
            'sequence' => $stored->sequence,
            'hash' => $stored->hash,
            'clockSetBack' => $stored->isByAClockSetBackSince($before),
            ...EntryJson::of($stored->entry, $plan->build, new Names($plan->job)),
        ];
    }
}
