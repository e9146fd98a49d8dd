<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\Where;
use Berm\Core\CoreError;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\Check;
use Berm\Core\Kit\CheckKind;
use Berm\Core\Kit\Each;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Parking\ParkingPlan;

/** Lays out the tasks of a stage in the order of the work. @internal use Progress::of() */
final readonly class TaskLadder
{
    /** @param \Closure(Where): Values $values */
    public function __construct(private KitSheet $sheet, private MarkOut $markOut, private ParkingPlan $parking, private BuildState $build, private \Closure $values)
    {
    }

    public function stage(Stage $stage): StageProgress
    {
        return new StageProgress($stage, [...$this->parks($stage), ...$this->cuts($stage), ...$this->connector($stage), ...$this->checks($stage), ...$this->closing($stage)]);
    }

    /** @return list<Task> the last to be installed is threaded on first */
    private function parks(Stage $stage): array
    {
        $tasks = [];
        foreach ($this->parking->sides as $side) {
            foreach ($side->parts as $part) {
                if (\in_array($part->key, $stage->parks, true)) {
                    $tasks[] = Task::park($stage, $part, $side->end, isset($this->build->parked[$part->key]));
                }
            }
        }

        return $tasks;
    }

    /** @return list<Task> */
    private function cuts(Stage $stage): array
    {
        $tasks = [];
        foreach ($this->markOut->all() as $mark) {
            if (\in_array($mark->cut, $stage->cuts, true)) {
                $tasks[] = Task::cut($stage, $mark, $this->build);
            }
        }

        return $tasks;
    }

    /** @return list<Task> */
    private function connector(Stage $stage): array
    {
        return $stage->fitsConnector ? [Task::connector($stage, $this->sheet->application->function->connectorKind()->label(), null !== $this->build->connector)] : [];
    }

    /** @return list<Task> */
    private function checks(Stage $stage): array
    {
        $tasks = [];
        foreach ($stage->checks as $check) {
            foreach ($this->places($check->each) as $where) {
                $values = ($this->values)($where);
                if (null === $check->when || !$check->when->isKnown($values) || $check->when->holds($values)) {
                    $tasks[] = $this->check($stage, $check, $where, $values);
                }
            }
        }

        return $tasks;
    }

    /** @throws CoreError when a limit cannot be worked out */
    private function check(Stage $stage, Check $check, Where $where, Values $values): Task
    {
        $key = CheckKey::of($stage->key, $check->key, $where);
        $since = $this->build->finished[$check->after ?? ''] ?? null;
        [$made, $at] = $this->build->checks[$key] ?? [null, null];
        $verdict = null === $made || null === $at || !CheckJudge::isAnswer($check, $made) ? null : CheckJudge::judge($check, $made, $at, $values, $since);
        $window = CheckKind::Length === $check->kind ? CheckJudge::window($check, $values) : null;

        return Task::check($stage, $check, $where, $window, $verdict, isset($this->build->acceptedChecks[$key]));
    }

    /** @return list<Where> */
    private function places(Each $each): array
    {
        $ends = Each::End === $each || Each::CoreOfEnd === $each ? $this->sheet->application->function->ends() : [null];
        $cores = (Each::Core === $each || Each::CoreOfEnd === $each) && $this->markOut->cores() > 1 ? range(1, $this->markOut->cores()) : [null];
        $places = [];
        foreach ($ends as $end) {
            foreach ($cores as $core) {
                $places[] = Where::of($end, $core);
            }
        }

        return $places;
    }

    /** @return list<Task> */
    private function closing(Stage $stage): array
    {
        if ([] === $this->sheet->stages) {
            return [];
        }
        $release = Task::release($stage, isset($this->build->released[$stage->key]));

        return [Task::finish($stage, isset($this->build->finished[$stage->key])), ...($stage->isHoldPoint ? [$release] : [])];
    }
}
