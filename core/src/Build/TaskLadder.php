<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Cable\Where;
use Berm\Core\Check\Check;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Circumstances;
use Berm\Core\Check\Each;
use Berm\Core\Check\Identified;
use Berm\Core\Check\LengthWithin;
use Berm\Core\Check\PhaseCheck;
use Berm\Core\Check\PhaseKnown;
use Berm\Core\Check\Phases;
use Berm\Core\Check\Possible;
use Berm\Core\Check\Question;
use Berm\Core\Check\Safeguard;
use Berm\Core\Check\WaitSince;
use Berm\Core\CoreError;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\Item;
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

    /** @param list<Stage> $stages of the sheet, or of the skeleton where it has none */
    public function __construct(
        private Assembly $assembly,
        private array $stages,
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
            null !== WorkKind::ofStep($step->kind) => $this->works($stage, WorkKind::ofStep($step->kind), $step->key),
            default => [],
        };
    }

    /** @return list<Task> at each end, on each core that has the part */
    private function works(Stage $stage, WorkKind $how, string $part): array
    {
        // Of a log from before each piece of work was written down, a finished stage says that all of it was done.
        $finished = $this->build->finished($stage->key)?->entry->basis;
        $wasDone = null !== $this->build->finished($stage->key) && true !== $finished?->isStepByStep;

        return array_map(function (Where $where) use ($stage, $how, $part, $wasDone): Task {
            $place = WorkPlace::of($stage->key, $how, $part, $where);

            return Task::work($stage, $place, $this->assembly->sheet, $wasDone || null !== $this->build->applied($place));
        }, WorkKind::Use === $how ? $this->usedIn($part) : $this->placesOf($stage, $part));
    }

    /** @return list<Where> once, for all places, where this size has it */
    private function usedIn(string $stock): array
    {
        return isset($this->assembly->size->stock[$stock]) ? [Where::of(null, null)] : [];
    }

    /** @return list<Where> */
    private function placesOf(Stage $stage, string $part): array
    {
        $item = $this->assembly->sheet->items[$part] ?? null;
        if (null === $item) {
            // Not on this job.
            return [];
        }
        $isOfTwo = \count($this->assembly->cables) > 1;
        $places = [];
        foreach ($this->measuring->asPlanned()->placed($item) as $placed) {
            $isHere = null === $placed->end || $stage->scope->includes($placed->end);
            // Several in a row go on together.
            foreach ($isHere && 0 === $placed->index ? $this->coresOf($item) : [] as $core) {
                $places[] = Where::of($isOfTwo ? $placed->end : null, $core);
            }
        }

        return $places;
    }

    /** @return non-empty-list<int|null> */
    private function coresOf(Item $item): array
    {
        return $item->isPerCore && $this->assembly->cores() > 1 ? range(1, $this->assembly->cores()) : [null];
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
        foreach ($this->isOfOldLog($stage, $check) ? [] : $this->checkPlaces->of($stage, $check) as $place) {
            $values = $this->measuring->values($place->where);
            if ($check->isIn($values) || Each::Once === $check->each && $this->isInSomewhere($check)) {
                $tasks[] = $this->check($stage, $check, $place, $values);
            }
        }

        return $tasks;
    }

    /** Of a log from before Berm asked it: the stage could be finished without. */
    private function isOfOldLog(Stage $stage, Check $check): bool
    {
        $isOwn = null !== Safeguard::tryFrom($check->key) || null !== PhaseCheck::tryFrom($check->key);
        $isMade = static fn (CheckMade $made): bool => $made->place->check === $check->key;

        return $isOwn && null !== $this->build->finished($stage->key) && [] === array_filter($this->build->checksOf($stage->key), $isMade);
    }

    /**
     * What was safe before the work was left is asked anew where it goes on.
     *
     * @return Done<CheckMade>|null
     */
    private function made(Stage $stage, Check $check, CheckPlace $place): ?Done
    {
        $made = $this->build->check($place);
        $begun = $this->build->begun()?->entry->doneAt();
        $isOfBefore = null !== Safeguard::tryFrom($check->key) && null === $this->build->finished($stage->key)
            && null !== $begun && $made?->entry->doneAt() < $begun;

        return $isOfBefore ? null : $made;
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
        $made = $this->made($stage, $check, $place);
        $since = $question instanceof WaitSince ? $this->since($question, $place->where) : null;
        $possible = $question instanceof LengthWithin ? $this->possible($stage, $check, $question, $place) : null;
        $window = $question instanceof LengthWithin ? $question->window($values, $possible) : null;
        $circumstances = new Circumstances(
            $values, null === $made ? null : $made->entry->doneAt(), $since, $possible, $this->phases($stage, $question, $place),
            $this->die($place), $window,
        );
        $verdict = null !== $made && $question->takes($made->event->answer) ? $question->judge($made->event->answer, $circumstances) : null;

        return Task::check(
            $stage, $check, $place, $window, $verdict, $question->limits($circumstances), null !== $this->build->checkAcceptance($place),
            $possible, $since,
        );
    }

    private function die(CheckPlace $place): string
    {
        $end = $place->where->end;

        return null === $end ? '' : $this->assembly->connector->barrels->at($end)->crimps->die ?? '';
    }

    /** When the clock of a wait was started; of several places, the one that the limit is hardest on. Null: it does not run yet. */
    private function since(WaitSince $wait, Where $where): ?\DateTimeImmutable
    {
        $stage = $this->assembly->sheet->stage($wait->after);
        if (null !== $wait->check) {
            return self::hardest($wait, $this->answered($stage, $wait->check, $where));
        }
        if (null === $wait->set) {
            return $this->build->finished($wait->after)?->entry->doneAt();
        }
        $set = null === $stage ? [] : array_filter(
            $this->works($stage, WorkKind::Set, $wait->set), static fn (Task $task): bool => $task->where->meets($where),
        );
        $times = array_map(fn (Task $task): ?\DateTimeImmutable => null === $task->work
            ? null
            : $this->build->applied($task->work)?->entry->doneAt(), array_values($set));

        return self::hardest($wait, $times) ?? $this->build->finished($wait->after)?->entry->doneAt();
    }

    /** @return list<\DateTimeImmutable|null> when that check was answered, at each place that meets this one */
    private function answered(?Stage $stage, string $check, Where $where): array
    {
        $asked = $stage?->check($check);
        $places = null === $stage || null === $asked ? [] : array_values(array_filter(
            $this->checkPlaces->of($stage, $asked), static fn (CheckPlace $place): bool => $place->where->meets($where),
        ));

        return array_map(fn (CheckPlace $place): ?\DateTimeImmutable => $this->build->check($place)?->entry->doneAt(), $places);
    }

    /**
     * Of several places the one that the limit is hardest on; null while one of them is open.
     *
     * @param list<\DateTimeImmutable|null> $times
     */
    private static function hardest(WaitSince $wait, array $times): ?\DateTimeImmutable
    {
        $known = array_filter($times, static fn (?\DateTimeImmutable $at): bool => null !== $at);
        if ([] === $known || \count($known) < \count($times)) {
            return null;
        }

        return null === $wait->least ? min($known) : max($known);
    }

    /** Of a question for the phase: what is known of this core and of the others. */
    private function phases(Stage $stage, Question $question, CheckPlace $place): ?Phases
    {
        if (!$question instanceof PhaseKnown) {
            return null;
        }
        $before = null;
        $others = [];
        $isEarlier = true;
        foreach ($this->stages as $one) {
            $isEarlier = $isEarlier && $one->key !== $stage->key;
            foreach ($this->build->checksOf($one->key) as $made) {
                $isSame = $made->place->where->core === $place->where->core;
                $isTwin = !$isSame && $one->key === $stage->key && $made->place->check === $place->check;
                if ($made->answer instanceof Identified) {
                    $before = $isEarlier && $isSame ? $made->answer : $before;
                    $others = $isTwin ? $others + [$made->place->where->core ?? 1 => $made->answer] : $others;
                }
            }
        }

        return new Phases($before, $others);
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
