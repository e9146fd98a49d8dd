<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\Where;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Part;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Parking\ParkingPlan;

/** How far the work has come, stage by stage. */
final readonly class Progress
{
    /** @param list<StageProgress> $stages */
    private function __construct(public array $stages, /** The sheet has its own stages: each is finished before the next begins. */ public bool $isStaged)
    {
    }

    /** @param \Closure(Where): Values $values the quantities of a place, for the limits of checks */
    public static function of(KitSheet $sheet, MarkOut $markOut, ParkingPlan $parking, BuildState $build, \Closure $values): self
    {
        $stages = [] === $sheet->stages ? self::bareStages($sheet) : $sheet->stages;
        $ladder = new TaskLadder($sheet, $markOut, $parking, $build, $values);

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
            if ($isAfter && isset($build->finished[$progress->stage->key])) {
                return $progress->stage;
            }
            $isAfter = $isAfter || $progress->stage->key === $key;
        }

        return null;
    }

    /** The stage that an event belongs to; null for one of the job as a whole. */
    public function stageOf(Event $event): ?Stage
    {
        if ($event instanceof CheckMade || $event instanceof CheckAccepted || $event instanceof StageFinished || $event instanceof HoldReleased) {
            return $this->stage($event->stage)?->stage;
        }
        foreach ($this->stages as $progress) {
            $stage = $progress->stage;
            $isHere = match (true) {
                $event instanceof CutMeasured, $event instanceof DeviationAccepted => \in_array($event->cut, $stage->cuts, true),
                $event instanceof PartParked => \in_array($event->part, $stage->parks, true),
                $event instanceof ConnectorFitted => $stage->fitsConnector,
                default => false,
            };
            if ($isHere) {
                return $stage;
            }
        }

        return null;
    }

    public function task(string $stage, string $check, Where $where): ?Task
    {
        foreach ($this->stage($stage)->tasks ?? [] as $task) {
            if ($task->check?->key === $check && $task->where->key() === $where->key()) {
                return $task;
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
        $parked = array_map(static fn (Part $part): string => $part->key, $sheet->parkedParts());

        return [
            Stage::bare('park', 'Park what cannot be put on later', $parked, [], false),
            Stage::bare('cut', 'Cut and measure', [], Cut::cases(), false),
            Stage::bare('connector', 'Fit the connector', [], [], true),
        ];
    }
}
