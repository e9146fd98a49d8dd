<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Task;
use Berm\Core\Build\TaskKind;
use Berm\Core\Build\WorkKind;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Step;
use Berm\Core\Quantity\Duration;

/** How long what has to be done again takes, by the sheet's own steps: as much of a step as of its places are done anew. */
final readonly class WorkAnew
{
    /** Null where the sheet does not say how long anything of it takes. */
    public static function by(Plan $before, Plan $made): ?Duration
    {
        $done = self::done($before);

        return self::of($made, static fn (Task $task): bool => !$task->isDone && isset($done[self::key($task)]));
    }

    /** @return list<Task> what was done and is done again, but for cuts, that parts wait there, and that stages are over */
    public static function tasks(Plan $before, Plan $made): array
    {
        $done = self::done($before);

        return array_values(array_filter(
            $made->progress?->tasks() ?? [],
            static fn (Task $task): bool => !$task->isDone && isset($done[self::key($task)])
                && \in_array($task->kind, [TaskKind::Work, TaskKind::Connector, TaskKind::Check], true),
        ));
    }

    /** All that is still to be done. Null where the sheet does not say. */
    public static function left(Plan $plan): ?Duration
    {
        return self::of($plan, static fn (Task $task): bool => !$task->isDone);
    }

    /** @param \Closure(Task): bool $isCounted */
    private static function of(Plan $plan, \Closure $isCounted): ?Duration
    {
        $seconds = 0.0;
        $isSaid = false;
        foreach ($plan->progress->stages ?? [] as $stage) {
            foreach ($stage->stage->steps as $step) {
                $tasks = array_filter($stage->tasks, static fn (Task $task): bool => self::isOf($step, $task));
                $anew = array_filter($tasks, $isCounted);
                $takes = ($step->work->seconds ?? 0) + ($step->wait->seconds ?? 0);
                $seconds += [] === $tasks ? 0.0 : $takes * \count($anew) / \count($tasks);
                $isSaid = $isSaid || $takes > 0 && [] !== $anew;
            }
        }

        return $isSaid ? Duration::ofSeconds((int) round($seconds)) : null;
    }

    /** @return array<string, true> of what was done, whether it is right or out */
    private static function done(Plan $plan): array
    {
        $keys = [];
        foreach ($plan->progress?->tasks() ?? [] as $task) {
            if ($task->isDone || $task->isOut) {
                $keys[self::key($task)] = true;
            }
        }

        return $keys;
    }

    private static function key(Task $task): string
    {
        return serialize([
            $task->kind->value, $task->stage->key, $task->where->end?->value, $task->where->core, $task->number, $task->check?->key,
            $task->work?->path(), $task->mark?->place->path(), $task->item?->key,
        ]);
    }

    private static function isOf(Step $step, Task $task): bool
    {
        return match (true) {
            null !== $step->cut => $task->mark?->place->cut === $step->cut,
            null !== $step->check => $task->check?->key === $step->check->key,
            null !== WorkKind::ofStep($step->kind) => WorkKind::ofStep($step->kind) === $task->work?->how
                && $task->work->part === $step->key,
            default => $step->kind->value === $task->kind->value,
        };
    }
}
