<?php

declare(strict_types=1);

namespace Berm\Core\Tests;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\SafetyConfirmed;
use Berm\Core\Build\Gate;
use Berm\Core\Check\CheckKind;
use Berm\Core\Check\Identified;
use Berm\Core\Check\Looked;
use Berm\Core\Check\ProvedBy;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;

/** A log as it is written: each entry judged by the plan as it stood then. Whether a gate would have let it through is not asked. */
final class Written
{
    public const AT = '2026-03-14T08:30:00Z';

    /**
     * @param list<Event> $events
     *
     * @return list<Entry> entry-0, entry-1 …
     */
    public static function log(Job $job, array $events): array
    {
        $log = [];
        foreach ($events as $i => $event) {
            $log[] = Plan::ofLog($job, $log)->entry("entry-$i", 'tester', new \DateTimeImmutable(self::AT), $event);
        }

        return $log;
    }

    /** @param list<Event> $events */
    public static function plan(Job $job, array $events): Plan
    {
        return Plan::ofLog($job, self::log($job, $events));
    }

    /** What the gate says of an event after others; null: it may be written. */
    public static function refusal(Plan $plan, Event $event): ?string
    {
        $refusal = (new Gate($plan))->refusal($event);

        return null === $refusal ? null : (new Reader(LengthUnit::Millimetre))->say($refusal);
    }

    /**
     * These, and then a yes to each look that is open in those stages, and each phase as it should be.
     *
     * @param list<Event> $events
     *
     * @return list<Event>
     */
    public static function seen(Job $job, array $events, string ...$stages): array
    {
        $seen = $events;
        foreach (self::plan($job, $events)->progress?->tasks() ?? [] as $task) {
            $place = $task->checkPlace();
            if (null !== $place && \in_array($place->stage, $stages, true) && !$task->isDone) {
                $isPhase = CheckKind::Phase === $task->check?->question->kind();
                $phase = new Identified('L'.($place->where->core ?? 1), ProvedBy::Continuity);
                $seen[] = new CheckMade($place, $isPhase ? $phase : Looked::andItIsSo());
            }
        }

        return $seen;
    }

    public static function safe(): SafetyConfirmed
    {
        return new SafetyConfirmed('P-1', 'Somebody', new \DateTimeImmutable('2026-03-14T08:00:00Z'));
    }
}
