<?php

declare(strict_types=1);

namespace App\Paper;

use Berm\Core\Build\StageProgress;
use Berm\Core\Build\Task;
use Berm\Core\Build\TaskKind;
use Berm\Core\Cable\End;
use Berm\Core\Card\Card;
use Berm\Core\MarkOut\SetMark;

/** Where no device may go: every step to tick, every reading to write down with its limits, to be typed in afterwards as done then. */
final readonly class StagePdf
{
    private function __construct(private Paper $paper, private Occasion $of)
    {
    }

    public static function of(Occasion $of, Asked $asked): string
    {
        $name = $of->plan->job->name;
        $paper = Paper::upright($asked->paper, "$name: stage sheet", 14)->withFoot("Berm · $name · stage sheet");
        $paper->AddPage();
        $sheet = new self($paper, $of);
        $of->head($paper, 'Stage sheet: tick what is done, write what is read, with the time; type it in afterwards.',
            Card::of($of->plan, End::A)->stop());
        foreach ($of->plan->progress->stages ?? [] as $number => $stage) {
            $sheet->stage($stage, $number + 1);
        }

        return $paper->printed();
    }

    private function stage(StageProgress $stage, int $number): void
    {
        $this->paper->Ln(2);
        $this->paper->needs(30);
        $this->paper->Bookmark($stage->stage->title);
        $end = $stage->stage->isOneWay ? ' (no way back from it)' : '';
        $this->paper->face(12, 'B')->say("$number. {$stage->stage->title}$end", 6);
        if ([] !== $stage->stage->cautions) {
            $this->paper->face(9, 'B')->say(implode(' ', $stage->stage->cautions), 4.4);
        }
        $rest = $this->paper->wide() - 8 - 42 - 26 - 18;
        $columns = new Columns($this->paper, ['', 'Step', 'Limits', 'Read', 'Time'], [8.0, $rest, 42.0, 26.0, 18.0], [10.0, 9.0, 8.0,
            9.0, 9.0], 6.4);
        $columns->head();
        // As it is asked for and typed in: a reading beside the work that it is made on.
        foreach (array_merge(...$stage->touches()) as $task) {
            $columns->row([
                $task->isDone ? '☑' : '☐', $this->of->reader->say($task->title), $this->limits($task), self::isRead($task) ? '________'
                    : '', '_____',
            ]);
        }
    }

    private function limits(Task $task): string
    {
        $mark = $task->mark?->window();
        $set = null === $task->mark || null === $mark ? null : SetMark::of($task->mark->at, $mark, $this->of->reader->unit);

        return match (true) {
            null !== $set => "$set->at {$this->of->reader->unit->value}, from $set->from to $set->to",
            null !== $task->limits => $this->of->reader->say($task->limits),
            default => '',
        };
    }

    private static function isRead(Task $task): bool
    {
        return TaskKind::Cut === $task->kind || null !== $task->window || TaskKind::Check === $task->kind && null !== $task->limits;
    }
}
