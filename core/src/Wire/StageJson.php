<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Build\StageProgress;
use Berm\Core\Build\Task;
use Berm\Core\Check\Check;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\WaitSince;
use Berm\Core\Electric\FilledStep;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
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
        return true === $plan->progress?->isStaged ? array_map((new self($plan))->stage(...), $plan->progress->stages) : null;
    }

    /** @return array<string, mixed> */
    private function stage(StageProgress $progress): array
    {
        $stage = $progress->stage;
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
            'checks' => $this->checks($progress),
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
        $doubts = array_filter($this->plan->rulings, static fn (Ruling $ruling): bool => $ruling->isToBeAsked()
            && \in_array($ruling->place->item, $stage->installs, true));

        return array_values(array_map(static fn (Ruling $ruling): array => SentenceJson::of($ruling->withWorst()), $doubts));
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

    /** @return list<array<string, mixed>> */
    private function checks(StageProgress $progress): array
    {
        $checks = [];
        foreach ($progress->touches() as $touch => $tasks) {
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
        $since = null === $wait ? null : $this->plan->build->finished($wait->after)?->entry->doneAt();

        return [
            'key' => $check->key,
            'end' => $place->where->end?->value,
            'core' => $place->where->core,
            'number' => $place->number,
            'ask' => SentenceJson::of($task->title),
            'kind' => $question->kind()->value,
            'reason' => $check->reason,
            'mend' => $check->mend,
            'minMm' => MarkOutJson::millimetres($task->window?->min),
            'maxMm' => MarkOutJson::millimetres($task->window?->max),
            'limits' => null === $task->limits ? null : SentenceJson::of($task->limits),
            'countedFrom' => $since?->format(\DATE_ATOM),
            'leastSeconds' => $wait?->least?->seconds,
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
            'accepted' => $this->plan->build->checkAcceptance($place)?->event->reason,
        ];
    }
}
