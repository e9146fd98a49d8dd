<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\Check\CheckPlace;
use Berm\Core\File\Fields;
use Berm\Core\File\PlaceFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** An engineer lets a check that is out stand, and says why. */
final readonly class CheckAccepted implements Event
{
    public function __construct(
        public CheckPlace $place,
        public string $reason,
        /** The entry of the answer that was looked at; null where nobody said. */ public ?string $of = null,
    ) {
    }

    public static function kind(): EventKind
    {
        return EventKind::CheckAccepted;
    }

    public function subject(): array
    {
        return $this->place->path();
    }

    public static function read(Fields $file): self
    {
        return new self(PlaceFile::readCheck($file), $file->text('reason', 600), $file->has('of') ? $file->text('of', 40) : null);
    }

    public function write(): array
    {
        return [...PlaceFile::writeCheck($this->place), 'reason' => $this->reason, ...(null === $this->of ? [] : ['of' => $this->of])];
    }

    public function stage(Progress $progress): ?Stage
    {
        return $progress->stage($this->place->stage)?->stage;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $task = $plan->progress?->task($this->place);
        $made = $plan->build->check($this->place);

        return match (true) {
            null === $task => $plan->firstObstacle() ?? Sentence::plain('There is no such check on this job.'),
            null === $made || !$task->isOut => Sentence::plain('There is nothing to accept: this check is not out.'),
            null !== $this->of && $this->of !== $made->entry->id => Sentence::plain(
                'This check has been made again since you looked: look at the new answer first.',
            ),
            default => null,
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins(), $plan->build->check($this->place)?->entry->id, $plan->progress?->task($this->place)?->window);
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of(
            "{check}{$this->place->where->after()}, let stand: {reason}",
            ['check' => $names->check($this->place->stage, $this->place->check), 'reason' => $this->reason],
        );
    }
}
