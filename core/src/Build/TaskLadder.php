<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\Where;
use Berm\Core\Check\Check;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Circumstances;
use Berm\Core\Check\Each;
use Berm\Core\Check\LengthWithin;
use Berm\Core\Check\Possible;
use Berm\Core\Check\WaitSince;
use Berm\Core\CoreError;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\Scope;
use Berm\Core\Kit\Stage;
use Berm\Core\Kit\Step;
use Berm\Core\Kit\StepKind;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Section\Measuring;

/** Lays out the tasks of a stage in the order of the work. @internal use Progress::of() */
final readonly class TaskLadder
{
    private CheckPlaces $checkPlaces;

    public function __construct(
        private Assembly $assembly,
        private MarkOut $markOut,
        private ParkingPlan $parking,
        private BuildState $build,
        private Measuring $measuring,
    ) {
        $this->checkPlaces = new CheckPlaces($assembly);
    }

    public function stage(Stage $stage): StageProgress
    {
        $tasks = self::inOrder($stage->scope, [...$this->parks($stage), ...$this->steps($stage)]);

        return new StageProgress($stage, [...$tasks, ...$this->closing($stage, $tasks)]);
    }

    /**
     * One end and then the other, or one core after another; what belongs to all of them where it stands.
     *
     * @param list<Task> $tasks
     *
     * @return list<Task>
     */
    private static function inOrder(Scope $scope, array $tasks): array
    {
        $rank = match ($scope) {
            Scope::EndByEnd => static fn (Task $task): string => $task->where->end->value ?? '',
            Scope::CoreByCore => static fn (Task $task): string => (string) ($task->where->core ?? 0),
            Scope::Whole, Scope::EndA, Scope::EndB => null,
        };
        if (null !== $rank) {
            usort($tasks, static fn (Task $one, Task $other): int => $rank($one) <=> $rank($other));
        }

        return $tasks;
    }

    /** @return list<Task> cuts that follow each other are made from the outside in, end by end */
    private function steps(Stage $stage): array
    {
        $tasks = $cuts = [];
        foreach ($stage->steps as $step) {
            if (null !== $step->cut) {
                $cuts[] = $step->cut;
                continue;
            }
            $tasks = [...$tasks, ...$this->cuts($stage, $cuts), ...$this->step($stage, $step)];
            $cuts = [];
        }

        return [...$tasks, ...$this->cuts($stage, $cuts)];
    }

    /** @return list<Task> */
    private function step(Stage $stage, Step $step): array
    {
        return match (true) {
            StepKind::Connector === $step->kind => [Task::connector(
                $stage, $this->assembly->function()->connectorKind()->label(), null !== $this->build->connector,
            )],
            null !== $step->check => $this->checks($stage, $step->check),
            default => [],
        };
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

    /**
     * @param list<Cut> $cuts
     *
     * @return list<Task>
     */
    private function cuts(Stage $stage, array $cuts): array
    {
        $tasks = [];
        foreach ([] === $cuts ? [] : $this->markOut->all() as $mark) {
            if (\in_array($mark->place->cut, $cuts, true) && $stage->scope->includes($mark->place->end)) {
                $tasks[] = Task::cut($stage, $mark, $this->build);
            }
        }

        return $tasks;
    }

    /** @return list<Task> */
    private function checks(Stage $stage, Check $check): array
    {
        $tasks = [];
        foreach ($this->checkPlaces->of($stage, $check) as $place) {
            $values = $this->measuring->values($place->where);
            if ($check->isIn($values) || Each::Once === $check->each && $this->isInSomewhere($check)) {
                $tasks[] = $this->check($stage, $check, $place, $values);
            }
        }

        return $tasks;
    }

    /** What is asked once for the whole joint is asked where its condition holds at either end. */
    private function isInSomewhere(Check $check): bool
    {
        foreach ($this->assembly->cables as $cable) {
            if ($check->isIn($this->measuring->values(Where::of($cable->end, null)))) {
                return true;
            }
        }

        return false;
    }

    /** @throws CoreError when a limit cannot be worked out */
    private function check(Stage $stage, Check $check, CheckPlace $place, Values $values): Task
    {
        $question = $check->question;
        $made = $this->build->check($place);
        $since = $question instanceof WaitSince ? $this->build->finished($question->after)?->entry->doneAt() : null;
        $possible = $question instanceof LengthWithin ? $this->possible($stage, $check, $question, $place) : null;
        $circumstances = new Circumstances($values, null === $made ? null : $made->entry->doneAt(), $since, $possible);
        $verdict = null !== $made && $question->takes($made->event->answer) ? $question->judge($made->event->answer, $circumstances) : null;
        $window = $question instanceof LengthWithin ? $question->window($values, $possible) : null;

        return Task::check(
            $stage, $check, $place, $window, $verdict, $question->limits($circumstances), null !== $this->build->checkAcceptance($place),
            $possible,
        );
    }

    /** What a length can come to, by all that is known but its own reading; null where the check does not say what it measures. */
    private function possible(Stage $stage, Check $check, LengthWithin $question, CheckPlace $place): ?Possible
    {
        $isFixed = $this->isAfterConnector($stage, $check);

        return null === $question->measure ? null : $this->measuring->possible($place, $question->measure, $isFixed);
    }

    private function isAfterConnector(Stage $stage, Check $check): bool
    {
        foreach ($this->assembly->sheet->stages as $one) {
            if ($one->key === $stage->key) {
                return $stage->isAfterConnector($check->key);
            }
            if ($one->fitsConnector) {
                return true;
            }
        }

        return false;
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
        if ([] === $this->assembly->sheet->stages) {
            return [];
        }
        $isRight = [] === array_filter($tasks, static fn (Task $task): bool => !$task->isDone);
        $release = Task::release($stage, null !== $this->build->released($stage->key));

        return [Task::finish($stage, $isRight && null !== $this->build->finished($stage->key)), ...($stage->isHoldPoint ? [$release] : [])];
    }
}
