<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\Names;
use Berm\Core\Build\TaskKind;

/** What waits for whom on a job, whether somebody called or not. */
final readonly class Waits
{
    /** @return list<Wait> */
    public static function of(Plan $plan): array
    {
        return [...self::calls($plan), ...self::holds($plan), ...self::standing($plan), ...self::stores($plan)];
    }

    /** @return list<Wait> calls that nobody has answered, and answers upon which nothing was done yet */
    private static function calls(Plan $plan): array
    {
        $names = new Names($plan->job);
        $last = $plan->build->lastDone();
        $waits = [];
        foreach ($plan->build->calls() as $call) {
            $entry = $call->made->entry;
            $answer = $call->answered;
            $isNew = null !== $answer && (null === $last || $last < $answer->entry->doneAt());
            $waits = match (true) {
                null === $answer => [
                    ...$waits, new Wait(WaitsFor::Engineer, $call->made->event->words($names), Step::Build, $entry->by, $entry->doneAt()),
                ],
                $isNew => [
                    ...$waits,
                    new Wait(
                        WaitsFor::Jointer, $answer->event->words(
                            $names,
                        ), Step::Build, $answer->entry->by, $answer->entry->doneAt(), $entry->by,
                    ),
                ],
                default => $waits,
            };
        }

        return $waits;
    }

    /** @return list<Wait> hold points whose stage is finished */
    private static function holds(Plan $plan): array
    {
        $next = $plan->progress?->next();

        return TaskKind::Release === $next?->kind ? [new Wait(WaitsFor::Engineer, $next->title, Step::Build)] : [];
    }

    /** @return list<Wait> what is out, and what only an engineer lets stand, once work has begun */
    private static function standing(Plan $plan): array
    {
        $standing = array_filter($plan->obstacles, static fn (Obstacle $one): bool => null !== $one->acceptable);

        return $plan->build->isBegun() || null !== $plan->build->leaflet() ? array_values(array_map(
            static fn (Obstacle $one): Wait => new Wait(WaitsFor::Engineer, $one->reason, $one->step), $standing,
        )) : [];
    }

    /** @return list<Wait> */
    private static function stores(Plan $plan): array
    {
        $short = array_filter($plan->obstacles, static fn (Obstacle $one): bool => ObstacleCode::MaterialShort === $one->code);

        return array_values(
            array_map(static fn (Obstacle $one): Wait => new Wait(WaitsFor::Storekeeper, $one->reason, $one->step), $short),
        );
    }
}
