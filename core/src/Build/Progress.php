<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\End;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Section\Measuring;

/** How far the work has come, stage by stage. */
final readonly class Progress
{
    /** @param list<StageProgress> $stages */
    private function __construct(
        public array $stages, /** The sheet has its own stages: each is called finished before the next begins. */ public bool $isStaged,
    ) {
    }

    public static function of(Assembly $assembly, MarkOut $markOut, ParkingPlan $parking, BuildState $build, Measuring $measuring): self
    {
        $sheet = $assembly->sheet;
        $stages = [] === $sheet->stages ? WorkSkeleton::of($assembly, $build) : $sheet->stages;
        $ladder = new TaskLadder($assembly, $stages, $markOut, $parking, $build, $measuring);

        return new self(array_map($ladder->stage(...), $stages), [] !== $sheet->stages);
    }

    /**
     * A cut that is out comes before anything new, except where a stage before its own was opened again, or a cut that lies outside it is
     * to be made anew.
     */
    public function next(): ?Task
    {
        foreach ($this->tasks() as $task) {
            if (null !== $task->mark && $task->isOut) {
                $before = $this->isStaged ? $this->openBefore($task->stage->key) : null;

                return $before?->next() ?? $this->openOutside($task) ?? $task;
            }
        }
        foreach ($this->stages as $stage) {
            $next = $stage->next();
            if (null !== $next) {
                return $next;
            }
        }

        return null;
    }

    /** The first cut of its stage that lies outside a cut, on its end, and is not made. */
    private function openOutside(Task $cut): ?Task
    {
        foreach ($this->stage($cut->stage->key)->tasks ?? [] as $outer) {
            if ($outer === $cut) {
                return null;
            }
            if (null !== $outer->mark && !$outer->isDone && $outer->meets($cut)) {
                return $outer;
            }
        }

        return null;
    }

    public function stage(string $key): ?StageProgress
    {
        foreach ($this->stages as $progress) {
            if ($progress->stage->key === $key) {
                return $progress;
            }
        }

        return null;
    }

    /** The first stage before this one that is not done. */
    public function openBefore(string $key): ?StageProgress
    {
        foreach ($this->stages as $progress) {
            if ($progress->stage->key === $key) {
                return null;
            }
            if (!$progress->isDone()) {
                return $progress;
            }
        }

        return null;
    }

    /** Nothing of it is done before its turn: stages of a sheet's own, and what comes upon the connector. */
    public function isInOrder(Stage $stage): bool
    {
        return $this->isStaged || $this->isAfterConnector($stage);
    }

    /** There is more to it than to park, to cut and to fit the connector. */
    public function isLaidOut(): bool
    {
        $last = $this->stages[\count($this->stages) - 1] ?? null;

        return $this->isStaged || null !== $last && $this->isAfterConnector($last->stage);
    }

    /** The first look after the connector that was answered, where the sheet has no stages of its own. */
    public function answeredAfterConnector(): ?Task
    {
        foreach ($this->tasks() as $task) {
            if ($this->isAfterConnector($task->stage) && null !== $task->verdict) {
                return $task;
            }
        }

        return null;
    }

    private function isAfterConnector(Stage $stage): bool
    {
        $isAfter = false;
        foreach ($this->stages as $progress) {
            if ($progress->stage === $stage) {
                return $isAfter;
            }
            $isAfter = $isAfter || $progress->stage->fitsConnector;
        }

        return false;
    }

    /** A stage after this one that is called finished already. */
    public function finishedAfter(string $key, BuildState $build): ?Stage
    {
        $isAfter = false;
        foreach ($this->stages as $progress) {
            if ($isAfter && null !== $build->finished($progress->stage->key)) {
                return $progress->stage;
            }
            $isAfter = $isAfter || $progress->stage->key === $key;
        }

        return null;
    }

    public function stageOfCut(Cut $cut, End $end): ?Stage
    {
        return $this->first(static fn (Stage $stage): bool => $stage->makes($cut, $end));
    }

    public function stageParking(string $item): ?Stage
    {
        return $this->first(static fn (Stage $stage): bool => \in_array($item, $stage->parks, true));
    }

    public function stageInstalling(string $item): ?Stage
    {
        return $this->first(static fn (Stage $stage): bool => \in_array($item, $stage->installs, true));
    }

    public function stageFittingConnector(): ?Stage
    {
        return $this->first(static fn (Stage $stage): bool => $stage->fitsConnector);
    }

    public function task(CheckPlace $place): ?Task
    {
        foreach ($this->stage($place->stage)->tasks ?? [] as $task) {
            if (true === $task->checkPlace()?->equals($place)) {
                return $task;
            }
        }

        return null;
    }

    public function work(WorkPlace $place): ?Task
    {
        foreach ($this->stage($place->stage)->tasks ?? [] as $task) {
            if (true === $task->work?->equals($place)) {
                return $task;
            }
        }

        return null;
    }

    /** @return list<Task> */
    public function tasks(): array
    {
        return array_merge([], ...array_map(static fn (StageProgress $stage): array => $stage->tasks, $this->stages));
    }

    /** @param callable(Stage): bool $is */
    private function first(callable $is): ?Stage
    {
        foreach ($this->stages as $progress) {
            if ($is($progress->stage)) {
                return $progress->stage;
            }
        }

        return null;
    }
}
