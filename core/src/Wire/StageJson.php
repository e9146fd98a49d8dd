<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Build\StageProgress;
use Berm\Core\Build\Task;
use Berm\Core\Build\TaskKind;
use Berm\Core\Build\WorkInWords;
use Berm\Core\Build\WorkKind;
use Berm\Core\Build\WorkPlace;
use Berm\Core\Check\Answer;
use Berm\Core\Check\Check;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Each;
use Berm\Core\Check\Looked;
use Berm\Core\Check\Measured;
use Berm\Core\Check\Tightened;
use Berm\Core\Check\WaitSince;
use Berm\Core\Electric\FilledStep;
use Berm\Core\Guide\WorkGuide;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Quantity\SentBy;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Ruling;

/** The stages of a job with what is done in them; only where the kit sheet has stages. */
final readonly class StageJson
{
    private function __construct(private Plan $plan)
    {
    }

    /** @return list<array<string, mixed>>|null */
    public static function of(Plan $plan): ?array
    {
        return true === $plan->progress?->isLaidOut() ? array_map((new self($plan))->stage(...), $plan->progress->stages) : null;
    }

    /** @return array<string, mixed> */
    private function stage(StageProgress $progress): array
    {
        $stage = $progress->stage;
        $touches = $progress->touches();
        $name = fn (string $key): string => $this->plan->sheet?->nameOf($key) ?? $key;

        return [
            'key' => $stage->key,
            'title' => $stage->title,
            'does' => self::inTerms($stage->does),
            'cautions' => self::inTerms($stage->cautions),
            'parks' => $stage->parks,
            'uses' => array_map($name, $stage->uses),
            'installs' => array_map($name, $stage->installs),
            'oneWay' => $stage->isOneWay,
            'holdPoint' => $stage->isHoldPoint,
            'reason' => $stage->reason,
            'workSeconds' => $stage->work()?->seconds,
            'waitSeconds' => $stage->wait()?->seconds,
            'doubts' => $this->doubts($stage),
            'why' => $this->why($stage),
            'done' => $progress->isDone(),
            'finishedAt' => $this->plan->build->finished($stage->key)?->entry->doneAt()->format(\DATE_ATOM),
            'work' => $this->works($progress, $touches),
            'checks' => $this->checks($touches),
            'cuts' => self::cuts($touches),
            'connectorTouch' => self::touchOf(TaskKind::Connector, $touches),
            'finishTouch' => self::touchOf(TaskKind::Finish, $touches),
        ];
    }

    /** @return array<string, mixed>|null of the step that it fills, on the first cable where that can be worked out */
    private function why(Stage $stage): ?array
    {
        $fills = array_filter($stage->installs, fn (string $key): bool => true === ($this->plan->sheet->items[$key] ?? null)?->fillsStep());
        foreach ([] === $fills ? [] : $this->plan->job->cables as $cable) {
            $step = FilledStep::of($cable);
            if (null !== $step) {
                return SentenceJson::of($step->why());
            }
        }

        return null;
    }

    /** @return list<array<string, mixed>> what may turn out not to hold of the items that it sets: asked once before they are there */
    private function doubts(Stage $stage): array
    {
        $doubts = array_filter($this->plan->rulings, fn (Ruling $ruling): bool => $ruling->isToBeAsked()
            && \in_array($ruling->place->item, $stage->installs, true) && !$this->isSet($stage, $ruling->place->item));

        return array_values(array_map(static fn (Ruling $ruling): array => SentenceJson::of($ruling->withWorst()), $doubts));
    }

    /** It lies there already, at each of its places: what may turn out about it was asked before. */
    private function isSet(Stage $stage, string $item): bool
    {
        $set = array_filter(
            $this->plan->progress?->stage($stage->key)->tasks ?? [],
            static fn (Task $task): bool => WorkKind::Set === $task->work?->how && $task->work->part === $item,
        );

        return [] !== $set && [] === array_filter($set, static fn (Task $task): bool => !$task->isDone);
    }

    /**
     * A sheet names what stands in brackets in the IEC's terms: everybody reads them in their own.
     *
     * @param list<string> $lines
     *
     * @return list<array<string, mixed>>
     */
    private static function inTerms(array $lines): array
    {
        return array_map(static fn (string $line): array => SentenceJson::of(Sentence::plain($line)), $lines);
    }

    /**
     * @param list<list<Task>> $touches
     *
     * @return list<array<string, mixed>>
     */
    private static function cuts(array $touches): array
    {
        $cuts = [];
        foreach ($touches as $touch => $tasks) {
            foreach ($tasks as $task) {
                $place = $task->mark?->place;
                $cuts = null === $place ? $cuts : [...$cuts, [
                    'end' => $place->end->value, 'cut' => $place->cut->value, 'core' => $place->core,
                    'done' => $task->isDone, 'touch' => $touch,
                ]];
            }
        }

        return $cuts;
    }

    /**
     * @param list<list<Task>> $touches
     *
     * @return list<array<string, mixed>> what is placed, set, taken off and used; how, where the stage is at work
     */
    private function works(StageProgress $progress, array $touches): array
    {
        $isNow = $this->plan->progress?->next()?->stage === $progress->stage;
        $works = [];
        foreach ($touches as $touch => $tasks) {
            foreach ($tasks as $task) {
                if (null !== $task->work) {
                    $works[] = [...$this->work($task, $task->work, $isNow), 'touch' => $touch];
                }
            }
        }

        return $works;
    }

    /**
     * @param list<list<Task>> $touches
     *
     * @return int|null the first that does a thing of that kind; null where there is none
     */
    private static function touchOf(TaskKind $kind, array $touches): ?int
    {
        foreach ($touches as $i => $tasks) {
            foreach ($tasks as $task) {
                if ($task->kind === $kind) {
                    return $i;
                }
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private function work(Task $task, WorkPlace $place, bool $isNow): array
    {
        $sheet = $this->plan->sheet;
        $isLost = null !== $sheet && null !== $task->item && \in_array($place->how, [WorkKind::Set, WorkKind::Place], true);

        return [
            'how' => $place->how->value,
            'part' => $place->part,
            'end' => $place->where->end?->value,
            'core' => $place->where->core,
            'title' => null === $sheet ? null : SentenceJson::of(WorkInWords::title($place->anywhere(), $sheet)),
            'done' => $task->isDone,
            'entry' => $this->plan->build->applied($place)?->entry->id,
            'guide' => $isNow && !$task->isDone ? array_map(SentenceJson::of(...), WorkGuide::of($this->plan, $place)) : [],
            'undoing' => $isNow && $task->isDone && $isLost ? SentenceJson::of(WorkInWords::cost($task->item, $sheet)) : null,
        ];
    }

    /**
     * @param list<list<Task>> $touches
     *
     * @return list<array<string, mixed>>
     */
    private function checks(array $touches): array
    {
        $checks = [];
        foreach ($touches as $touch => $tasks) {
            foreach ($tasks as $task) {
                $place = $task->checkPlace();
                if (null !== $place && null !== $task->check) {
                    $checks[] = [...$this->check($task, $task->check, $place), 'touch' => $touch];
                }
            }
        }

        return $checks;
    }

    /** @return array<string, mixed> */
    private function check(Task $task, Check $check, CheckPlace $place): array
    {
        $question = $check->question;
        $wait = $question instanceof WaitSince ? $question : null;

        return [
            'key' => $check->key,
            'end' => $place->where->end?->value,
            'core' => $place->where->core,
            'number' => $place->number,
            'crimp' => Each::Crimp === $check->each,
            'heated' => $check->isOfHeatedSurface(),
            'name' => SentenceJson::of(Sentence::plain($check->ask)),
            'ask' => SentenceJson::of($task->title),
            'kind' => $question->kind()->value,
            'reason' => $check->reason,
            'mend' => $check->mend,
            'minMm' => MarkOutJson::millimetres($task->window?->min),
            'maxMm' => MarkOutJson::millimetres($task->window?->max),
            'limits' => null === $task->limits ? null : SentenceJson::of($task->limits),
            'countedFrom' => $task->since?->format(\DATE_ATOM),
            'leastSeconds' => $wait?->least?->seconds,
            'mostSeconds' => $wait?->most?->seconds,
            'done' => $task->isDone,
            'answer' => $this->answer($task, $place),
        ];
    }

    /** @return array<string, mixed>|null */
    private function answer(Task $task, CheckPlace $place): ?array
    {
        return null === $task->verdict ? null : [
            'entry' => $this->plan->build->check($place)?->entry->id,
            'verdict' => $task->verdict->verdict->value,
            'sentence' => SentenceJson::of($task->verdict->sentence),
            'short' => SentenceJson::of($task->verdict->short()),
            'by' => self::sentBy($this->plan->build->check($place)?->event->answer)?->inWords(),
            'accepted' => $this->plan->build->checkAcceptance($place)?->event->reason,
        ];
    }

    private static function sentBy(?Answer $answer): ?SentBy
    {
        return match (true) {
            $answer instanceof Measured => $answer->reading->sentBy,
            $answer instanceof Tightened => $answer->sentBy,
            $answer instanceof Looked => $answer->press?->by,
            default => null,
        };
    }
}
