<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Check\Look;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\MarkPlace;

/** A stage with what is to be done in it. */
final readonly class StageProgress
{
    /** @param list<Task> $tasks in the order of the work */
    public function __construct(public Stage $stage, public array $tasks)
    {
    }

    public function isDone(): bool
    {
        return null === $this->next();
    }

    public function next(): ?Task
    {
        foreach ($this->tasks as $task) {
            if (!$task->isDone) {
                return $task;
            }
        }

        return null;
    }

    /**
     * What has to be done or right before a piece of work: what is set hides everything before it at its place; the rest follows upon
     * its own part only.
     */
    public function openBefore(Task $work): ?Task
    {
        $isSet = WorkKind::Set === $work->work?->how;
        foreach ($this->tasks as $task) {
            if ($task === $work) {
                return null;
            }
            if (!$task->isDone && $task->meets($work) && ($isSet || $task->work?->part === $work->work?->part)) {
                return $task;
            }
        }

        return null;
    }

    /** What comes before the connector in its stage, and is not done or not right. */
    public function openBeforeConnector(): ?Task
    {
        foreach ($this->tasks as $task) {
            if (TaskKind::Connector === $task->kind || !$task->isDone) {
                return TaskKind::Connector === $task->kind ? null : $task;
            }
        }

        return null;
    }

    /** What Berm asks before something that can hurt people, and that is not answered yet. */
    public function safeguardBefore(MarkPlace $cut): ?Task
    {
        foreach ($this->tasks as $task) {
            if (true === $task->mark?->place->equals($cut)) {
                return null;
            }
            if (!$task->isDone && null !== $task->safeguard()) {
                return $task;
            }
        }

        return null;
    }

    /** The work that a check is made on, and that is not done yet. */
    public function workBefore(Task $check): ?Task
    {
        foreach ($this->tasks as $task) {
            if ($task === $check) {
                return null;
            }
            if (TaskKind::Work === $task->kind && !$task->isDone && $task->meets($check)) {
                return $task;
            }
        }

        return null;
    }

    /** @return list<Task> what comes later at its place */
    public function after(Task $work): array
    {
        $at = array_search($work, $this->tasks, true);

        return array_values(array_filter(
            \array_slice($this->tasks, (int) $at + 1), static fn (Task $task): bool => $task->meets($work),
        ));
    }

    /**
     * What one touch does: work that follows work, and looks that follow it, are written down together where all is so; with a reading only
     * the work that it is made on, never another reading. What is done after a look begins anew: it may hide it. With the last of them a
     * stage is finished, unless that itself is what there is no way back from.
     *
     * @return list<non-empty-list<Task>>
     */
    public function touches(): array
    {
        $touches = $touch = [];
        foreach ($this->tasks as $task) {
            [$mine, $others] = self::madeOn($task, $touch);
            if ([] !== $mine) {
                $touches[] = [...$mine, $task];
                $touch = $others;
                continue;
            }
            if ([] !== $touch && !$this->goesOn($touch[\count($touch) - 1], $task)) {
                $touches[] = $touch;
                $touch = [];
            }
            $touch[] = $task;
        }

        return [] === $touch ? $touches : [...$touches, $touch];
    }

    /**
     * The work that a reading is made on, where nothing but work comes before it, and the work at other ends and cores.
     *
     * @param list<Task> $touch
     *
     * @return array{list<Task>, list<Task>}
     */
    private static function madeOn(Task $task, array $touch): array
    {
        $isReading = TaskKind::Check === $task->kind && !$task->check?->question instanceof Look;
        $isWork = static fn (Task $one): bool => TaskKind::Work === $one->kind;
        if (!$isReading || array_filter($touch, $isWork) !== $touch) {
            return [[], $touch];
        }
        $meets = static fn (Task $one): bool => $one->meets($task);

        return [
            array_values(array_filter($touch, $meets)),
            array_values(array_filter($touch, static fn (Task $one): bool => !$one->meets($task))),
        ];
    }

    private function goesOn(Task $before, Task $task): bool
    {
        $wasWork = TaskKind::Work === $before->kind;
        $wasLook = $before->check?->question instanceof Look;
        $isLook = $task->check?->question instanceof Look;

        return match ($task->kind) {
            TaskKind::Work => $wasWork,
            TaskKind::Park => TaskKind::Park === $before->kind,
            TaskKind::Check => $isLook && ($wasWork || $wasLook),
            TaskKind::Finish => ($wasWork || $wasLook) && $this->isCommitted(),
            TaskKind::Cut, TaskKind::Connector, TaskKind::Release => false,
        };
    }

    /** To call it finished commits nobody to more than the work that was written down in it. */
    private function isCommitted(): bool
    {
        $oneWay = array_filter($this->tasks, static fn (Task $task): bool => TaskKind::Connector === $task->kind
            || WorkKind::Set === $task->work?->how);

        return !$this->stage->isOneWay || [] !== $oneWay;
    }

    /** What must be done before it can be called finished. */
    public function openBeforeFinish(): ?Task
    {
        $next = $this->next();

        return null === $next || TaskKind::Finish === $next->kind || TaskKind::Release === $next->kind ? null : $next;
    }
}
