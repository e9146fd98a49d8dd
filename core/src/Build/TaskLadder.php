<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\Where;
use Berm\Core\Check\Check;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Circumstances;
use Berm\Core\Check\Each;
use Berm\Core\Check\LengthWithin;
use Berm\Core\Check\WaitSince;
use Berm\Core\CoreError;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Parking\ParkingPlan;

/** Lays out the tasks of a stage in the order of the work. @internal use Progress::of() */
final readonly class TaskLadder
{
    /** @param \Closure(Where): Values $values */
    public function __construct(
        private KitSheet $sheet,
        private MarkOut $markOut,
        private ParkingPlan $parking,
        private BuildState $build,
        private \Closure $values,
    ) {
    }

    public function stage(Stage $stage): StageProgress
    {
        $tasks = [...$this->parks($stage), ...$this->cuts($stage), ...$this->connector($stage), ...$this->checks($stage)];

        return new StageProgress($stage, [...$tasks, ...$this->closing($stage, $tasks)]);
    }

    /** @return list<Task> the last to be installed is threaded on first */
    private function parks(Stage $stage): array
    {
        $tasks = [];
        foreach ($this->parking->sides as $side) {
            foreach ($side->items as $item) {
                if (\in_array($item->key, $stage->parks, true)) {
                    $tasks[] = Task::park($stage, $item, $side->end, $this->build->isParked($item->key));
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
            if (\in_array($mark->place->cut, $stage->cuts, true)) {
                $tasks[] = Task::cut($stage, $mark, $this->build);
            }
        }

        return $tasks;
    }

    /** @return list<Task> */
    private function connector(Stage $stage): array
    {
        return $stage->fitsConnector ? [Task::connector(
            $stage, $this->sheet->application->function->connectorKind()->label(), null !== $this->build->connector,
        )] : [];
    }

    /** @return list<Task> */
    private function checks(Stage $stage): array
    {
        $tasks = [];
        foreach ($stage->checks as $check) {
            foreach ($this->places($check->each) as $where) {
                $values = ($this->values)($where);
                if ($check->isIn($values)) {
                    $tasks[] = $this->check($stage, $check, $where, $values);
                }
            }
        }

        return $tasks;
    }

    /** @throws CoreError when a limit cannot be worked out */
    private function check(Stage $stage, Check $check, Where $where, Values $values): Task
    {
        $place = CheckPlace::of($stage->key, $check->key, $where);
        $question = $check->question;
        $made = $this->build->check($place);
        $since = $question instanceof WaitSince ? $this->build->finished($question->after)?->entry->doneAt() : null;
        $verdict = null !== $made && $question->takes($made->event->answer)
            ? $question->judge($made->event->answer, new Circumstances($values, $made->entry->doneAt(), $since))
            : null;
        $window = $question instanceof LengthWithin ? $question->window($values) : null;

        return Task::check(
            $stage, $check, $where, $window, $verdict, $question->limits($values), null !== $this->build->checkAcceptance($place),
        );
    }

    /** @return list<Where> */
    private function places(Each $each): array
    {
        $ends = Each::End === $each || Each::CoreOfEnd === $each ? $this->sheet->application->function->ends() : [null];
        $cores = (Each::Core === $each || Each::CoreOfEnd === $each) && $this->markOut->cores() > 1
            ? range(1, $this->markOut->cores())
            : [null];
        $places = [];
        foreach ($ends as $end) {
            foreach ($cores as $core) {
                $places[] = Where::of($end, $core);
            }
        }

        return $places;
    }

    /**
     * A stage counts as finished only while all that is done in it is right: where the plan was changed, it is open again.
     *
     * @param list<Task> $tasks
     *
     * @return list<Task>
     */
    private function closing(Stage $stage, array $tasks): array
    {
        if ([] === $this->sheet->stages) {
            return [];
        }
        $isRight = [] === array_filter($tasks, static fn (Task $task): bool => !$task->isDone);
        $release = Task::release($stage, null !== $this->build->released($stage->key));

        return [Task::finish($stage, $isRight && null !== $this->build->finished($stage->key)), ...($stage->isHoldPoint ? [$release] : [])];
    }
}
