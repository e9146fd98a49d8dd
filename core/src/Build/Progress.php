<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\End;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Stage;
use Berm\Core\Kit\Step;
use Berm\Core\Kit\StepKind;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Section\Measuring;

/** How far the work has come, stage by stage. */
final readonly class Progress
{
    /** @param list<StageProgress> $stages */
    private function __construct(
        public array $stages, /** The sheet has its own stages: each is finished before the next begins. */ public bool $isStaged,
    ) {
    }

    public static function of(Assembly $assembly, MarkOut $markOut, ParkingPlan $parking, BuildState $build, Measuring $measuring): self
    {
        $sheet = $assembly->sheet;
        $stages = [] === $sheet->stages ? self::bareStages($sheet) : $sheet->stages;
        $ladder = new TaskLadder($assembly, $markOut, $parking, $build, $measuring);

        return new self(array_map($ladder->stage(...), $stages), [] !== $sheet->stages);
    }

    public function next(): ?Task
    {
        foreach ($this->stages as $stage) {
            $next = $stage->next();
            if (null !== $next) {
                return $next;
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

    /**
     * Where a leaflet has no stages: park, cut, fit the connector (trade skeleton P3 to P9).
     *
     * @return list<Stage>
     */
    private static function bareStages(KitSheet $sheet): array
    {
        $parks = array_map(static fn (Item $item): Step => Step::ofItem(StepKind::Park, $item->key), $sheet->parkedItems());

        return [
            Stage::bare('park', 'Park what cannot be put on later', $parks, false),
            Stage::bare('cut', 'Cut and measure', array_map(static fn (Cut $cut): Step => Step::cut($cut), Cut::cases()), false),
            Stage::bare('connector', 'Fit the connector', [Step::connector()], true),
        ];
    }
}
