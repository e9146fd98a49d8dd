<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\CutOut;
use Berm\Core\Build\Event\HoldReleased;
use Berm\Core\Build\Event\MarkMoved;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\StageFinished;
use Berm\Core\Build\Shortens;
use Berm\Core\Build\Task;
use Berm\Core\Build\TaskKind;
use Berm\Core\Build\WorkKind;
use Berm\Core\Cable\End;
use Berm\Core\Check\PhaseCheck;
use Berm\Core\Check\WaitSince;
use Berm\Core\Formula\Formula;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Nature;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;

/** Which entries hold no more once an end is shortened, or a mark moved. */
final readonly class Untrue
{
    /**
     * @param list<Task>   $tasks  that come after a cut that is made again, or after what has to be set again
     * @param list<string> $stages of those
     * @param list<string> $lost   keys of the parts that were set and are lost
     */
    private function __construct(
        private Shortens|MarkMoved $event, private Plan $plan, private Displaced $displaced, private array $tasks,
        private array $stages, private array $lost,
        /** Cuts are made again. */ private bool $isBared,
    ) {
    }

    /**
     * @param list<Task> $again cuts that are made again
     *
     * @return list<string> ids
     */
    public static function by(Shortens|MarkMoved $event, Plan $plan, Displaced $displaced, array $again): array
    {
        $lost = $event instanceof MarkMoved ? [] : self::lost($plan, $displaced, $event instanceof CutOut, self::after($plan, $again));
        $redone = [...$again, ...$lost];
        $untrue = new self(
            $event, $plan, $displaced, [...self::after($plan, $redone), ...self::later($plan, $again)],
            array_map(static fn (Task $task): string => $task->stage->key, $redone),
            array_map(static fn (Task $task): string => $task->work->part ?? '', $lost), [] !== $again,
        );
        $standing = array_filter($plan->build->counting, static fn (Entry $entry): bool => !isset($plan->build->fallen[$entry->id]));
        $falls = array_filter($standing, static fn (Entry $entry): bool => $untrue->is($entry->event));

        return array_keys([...$falls, ...array_filter($standing, self::endsOver($plan, $falls))]);
    }

    /**
     * A stage of which something does not hold is not over.
     *
     * @param array<string, Entry> $falls
     *
     * @return \Closure(Entry): bool
     */
    private static function endsOver(Plan $plan, array $falls): \Closure
    {
        $open = [];
        foreach ($falls as $entry) {
            $stage = null === $plan->progress ? null : $entry->event->stage($plan->progress)?->key;
            $open[$stage ?? ''] = true;
        }

        return static fn (Entry $entry): bool => ($entry->event instanceof StageFinished || $entry->event instanceof HoldReleased)
            && isset($open[$entry->event->stage]);
    }

    /**
     * What is cut anew lies bare anew: in the stages after it, it is cleaned, brushed and looked at once more.
     *
     * @param list<Task> $again
     *
     * @return list<Task>
     */
    private static function later(Plan $plan, array $again): array
    {
        $later = $before = [];
        foreach ($plan->progress->stages ?? [] as $stage) {
            foreach ([] === $before ? [] : $stage->tasks as $task) {
                $isBare = TaskKind::Check === $task->kind || WorkKind::Use === $task->work?->how || Nature::Zone === $task->item?->nature;
                $meets = [] !== array_filter($before, static fn (Task $cut): bool => $cut->meets($task));
                $later = $isBare && $meets ? [...$later, $task] : $later;
            }
            $before = [...$before, ...array_filter($again, static fn (Task $cut): bool => $cut->stage->key === $stage->stage->key)];
        }

        return $later;
    }

    /**
     * @param list<Task> $inTheWay what comes after a cut that is made again
     *
     * @return list<Task> what was set and is lost with the connector, is in the way, or lies off its place then
     */
    private static function lost(Plan $plan, Displaced $displaced, bool $isCutOut, array $inTheWay): array
    {
        $lost = [];
        foreach ($plan->progress?->tasks() ?? [] as $task) {
            $set = WorkKind::Set === $task->work?->how ? $plan->build->applied($task->work)?->event : null;
            $isLost = null !== $set && ($displaced->has($set) || \in_array($task, $inTheWay, true)
                || $isCutOut && self::restsOnConnector($set, $plan));
            $lost = $isLost ? [...$lost, $task] : $lost;
        }

        return $lost;
    }

    /**
     * @param list<Task> $tasks
     *
     * @return list<Task> what is done later in their stages at their places
     */
    public static function after(Plan $plan, array $tasks): array
    {
        return array_merge([], ...array_map(
            static fn (Task $task): array => $plan->progress?->stage($task->stage->key)?->after($task) ?? [], $tasks,
        ));
    }

    private function is(Event $event): bool
    {
        $task = match (true) {
            $event instanceof CheckMade => $this->plan->progress?->task($event->place),
            $event instanceof Applied => $this->plan->progress?->work($event->place),
            default => null,
        };

        return match (true) {
            self::endsMove($this->event, $event), $this->event->fells($event, $this->plan) => true,
            $event instanceof PartParked => \in_array($event->part, $this->lost, true),
            $event instanceof StageFinished => \in_array($event->stage, $this->stages, true),
            $event instanceof Applied && $this->displaced->has($event) => true,
            $event instanceof CheckMade && $this->isBared && $this->isClock($event) => true,
            // That it is the right cable, and safe, holds.
            null === $task, null !== $task->safeguard(), null !== PhaseCheck::tryFrom($task->check->key ?? '') => false,
            default => \in_array($task, $this->tasks, true),
        };
    }

    /** From it something must be done before too long: strands brushed, and in the connector within minutes. */
    private function isClock(CheckMade $made): bool
    {
        foreach ($this->plan->progress?->tasks() ?? [] as $task) {
            $wait = $task->check?->question;
            $isLimited = $wait instanceof WaitSince && null !== $wait->most;
            if ($isLimited && $wait->check === $made->place->check && $wait->after === $made->place->stage) {
                return true;
            }
        }

        return false;
    }

    /** An end that is shorter is marked out as the sheet has it; a mark that is moved once more lies where it is moved to last. */
    public static function endsMove(Shortens|MarkMoved $event, Event $move): bool
    {
        return match (true) {
            !$move instanceof MarkMoved => false,
            // Of both ends one may be shortened, or moved once more: the other keeps its mark.
            null !== $move->otherBy => $event instanceof MarkMoved && null !== $event->otherBy && $event->place->equals($move->place),
            $event instanceof MarkMoved => null !== $event->moves($move->place),
            default => $event->meets($move->place->where()),
        };
    }

    /** The connector itself, all that was done from its stage on, and that those stages are over. */
    public static function restsOnConnector(Event $event, Plan $plan): bool
    {
        $isWork = $event instanceof Applied || $event instanceof CheckMade || $event instanceof CutMeasured
            || $event instanceof StageFinished || $event instanceof HoldReleased;
        $own = $isWork && null !== $plan->progress ? $event->stage($plan->progress)?->key : null;
        $isSince = false;
        foreach (null === $own ? [] : $plan->progress->stages as $stage) {
            $isSince = $isSince || $stage->stage->fitsConnector;
            if ($stage->stage->key === $own) {
                // What is cut in the connector's own stage is cut before it goes on.
                return $isSince && !($event instanceof CutMeasured && $stage->stage->fitsConnector);
            }
        }

        return $event instanceof ConnectorFitted;
    }

    /** A length between the two ends, or from where the conductor of this one ends. */
    public static function isMeasuredFrom(End $end, Event $event, Plan $plan): bool
    {
        $task = $event instanceof CheckMade ? $plan->progress?->task($event->place) : null;
        $measure = $task?->check?->measure();
        $isHere = null !== $task && (null === $task->where->end || $task->where->end === $end);
        $isOfEnd = static fn (Formula $place): bool => null === Cut::ofFormulaName($place->name() ?? '')
            && !isset($plan->sheet?->edges()[$place->name() ?? '']);

        return null !== $measure && ($measure->isAcross || $isHere && ($isOfEnd($measure->from) || $isOfEnd($measure->to)));
    }

    /** A length from or to a cut. */
    public static function isMeasuredFromCut(MarkPlace $place, Event $event, Plan $plan): bool
    {
        $task = $event instanceof CheckMade ? $plan->progress?->task($event->place) : null;
        $measure = $task?->check?->measure();
        $isHere = null !== $task && $task->where->meets($place->where());
        $isOfCut = static fn (Formula $from): bool => Cut::ofFormulaName($from->name() ?? '') === $place->cut;

        return null !== $measure && $isHere && ($isOfCut($measure->from) || $isOfCut($measure->to));
    }
}
