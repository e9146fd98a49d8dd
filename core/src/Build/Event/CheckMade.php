<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\Check\Answer;
use Berm\Core\Check\AnswerField;
use Berm\Core\Check\CheckPlace;
use Berm\Core\File\Fields;
use Berm\Core\File\PlaceFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** A check of a stage was made; a later answer to the same check takes its place. */
final readonly class CheckMade implements Event
{
    public function __construct(public CheckPlace $place, public Answer $answer)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::CheckMade;
    }

    public function subject(): array
    {
        return $this->place->path();
    }

    public static function read(Fields $file): self
    {
        return new self(PlaceFile::readCheck($file), AnswerField::read($file));
    }

    public function write(): array
    {
        return [...PlaceFile::writeCheck($this->place), ...$this->answer->write()];
    }

    public function stage(Progress $progress): ?Stage
    {
        return $progress->stage($this->place->stage)?->stage;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $task = $plan->progress?->task($this->place);

        $work = null === $task ? null : $plan->progress->stage($this->place->stage)?->workBefore($task);

        return match (true) {
            null === $task || null === $task->check => $plan->firstObstacle() ?? Sentence::plain('There is no such check on this job.'),
            !$task->check->question->takes($this->answer) => Sentence::of(
                'This is not an answer to: {ask}.', ['ask' => Sentence::plain($task->check->ask)],
            ),
            null !== $work => $work->first(),
            default => null,
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins(), window: $plan->progress?->task($this->place)?->window);
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of(
            "{check}{$this->place->where->after()}: {answer}",
            ['check' => $names->check($this->place->stage, $this->place->check), 'answer' => $this->answer->inWords()],
        );
    }
}
