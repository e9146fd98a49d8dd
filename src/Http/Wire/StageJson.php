<?php

declare(strict_types=1);

namespace App\Http\Wire;

use Berm\Core\Build\CheckInWords;
use Berm\Core\Build\CheckKey;
use Berm\Core\Build\StageProgress;
use Berm\Core\Build\Task;
use Berm\Core\Job\Plan;
use Berm\Core\Check\Check;

/** The stages of a job with what is done in them; only where the kit sheet has stages. */
final class StageJson
{
    /** @return list<array<string, mixed>>|null */
    public static function of(Plan $plan): ?array
    {
        return true === $plan->progress?->isStaged ? array_map(static fn (StageProgress $stage): array => self::stage($stage, $plan), $plan->progress->stages) : null;
    }

    /** @return array<string, mixed> */
    private static function stage(StageProgress $progress, Plan $plan): array
    {
        $stage = $progress->stage;
        $name = static fn (string $key): string => $plan->sheet->parts[$key]->name ?? $plan->sheet->contents[$key]->name ?? $key;

        return [
            'key' => $stage->key,
            'title' => $stage->title,
            'does' => $stage->does,
            'cautions' => $stage->cautions,
            'uses' => array_map($name, $stage->uses),
            'installs' => array_map($name, $stage->installs),
            'oneWay' => $stage->isOneWay,
            'holdPoint' => $stage->isHoldPoint,
            'reason' => $stage->reason,
            'done' => $progress->isDone(),
            'finishedAt' => ($plan->build->finished[$stage->key] ?? null)?->format(\DATE_ATOM),
            'checks' => array_values(array_map(static fn (Task $task): array => self::check($task, $plan), array_filter($progress->tasks, static fn (Task $task): bool => null !== $task->check))),
        ];
    }

    /** @return array<string, mixed> */
    private static function check(Task $task, Plan $plan): array
    {
        \assert($task->check instanceof Check);
        $key = CheckKey::of($task->stage->key, $task->check->key, $task->where);
        $limits = CheckInWords::limits($task->check, $task->window);

        return [
            'key' => $task->check->key,
            'end' => $task->where->end?->value,
            'core' => $task->where->core,
            'ask' => SentenceJson::of($task->title),
            'kind' => $task->check->kind->value,
            'reason' => $task->check->reason,
            'mend' => $task->check->mend,
            'minMm' => MarkOutJson::millimetres($task->window?->min),
            'maxMm' => MarkOutJson::millimetres($task->window?->max),
            'limits' => null === $limits ? null : SentenceJson::of($limits),
            'countedFrom' => ($plan->build->finished[$task->check->after ?? ''] ?? null)?->format(\DATE_ATOM),
            'leastSeconds' => null === $task->check->after ? null : $task->check->least,
            'done' => $task->isDone,
            'answer' => null === $task->verdict ? null : [
                'verdict' => $task->verdict->verdict->value,
                'sentence' => SentenceJson::of($task->verdict->sentence),
                'accepted' => ($plan->build->acceptedChecks[$key] ?? null)?->reason,
            ],
        ];
    }
}
