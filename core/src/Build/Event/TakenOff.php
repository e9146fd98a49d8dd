<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\Build\Task;
use Berm\Core\Build\Undoes;
use Berm\Core\Build\WorkKind;
use Berm\Core\Build\WorkPlace;
use Berm\Core\File\Fields;
use Berm\Core\File\PlaceFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/**
 * What was applied is off again, for a reason: it has to be done anew, and so has what was looked at and measured on it. This is no
 * correction of the log: it was there, and may be lost.
 */
final readonly class TakenOff implements Undoes
{
    public function __construct(public WorkPlace $place, public string $reason)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::TakenOff;
    }

    public function subject(): array
    {
        return $this->place->path();
    }

    public static function read(Fields $file): self
    {
        return new self(PlaceFile::readWork($file), $file->text('reason', 400));
    }

    public function write(): array
    {
        return [...PlaceFile::writeWork($this->place), 'reason' => $this->reason];
    }

    public function stage(Progress $progress): ?Stage
    {
        return $progress->stage($this->place->stage)?->stage;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $task = $plan->progress?->work($this->place);
        $over = null === $task ? null : $this->over($task, $plan);

        return match (true) {
            null === $task || !\in_array($this->place->how, [WorkKind::Set, WorkKind::Place], true) => $plan->firstObstacle()
                ?? Sentence::plain('There is no such step on this job that could be undone.'),
            null === $plan->build->applied($this->place) => Sentence::of('{task}: that is not done yet.', ['task' => $task->title]),
            null !== $over => Sentence::of('First take off what lies over it: {part}.', ['part' => $over->part()]),
            default => null,
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins(), falls: array_keys(array_filter(
            $plan->build->counting, fn (Entry $entry): bool => $this->fells($entry->event, $plan),
        )));
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of(
            "{part}{$this->place->where->after()}: taken off again ({reason})",
            ['part' => $names->item($this->place->part), 'reason' => $this->reason],
        );
    }

    /** What is set upon it at the same place. */
    private function over(Task $task, Plan $plan): ?Task
    {
        foreach ($plan->progress?->stage($this->place->stage)?->after($task) ?? [] as $later) {
            if (null !== $later->work && null !== $plan->build->applied($later->work) && $this->lies($later, $plan)) {
                return $later;
            }
        }

        return null;
    }

    private function lies(Task $upon, Plan $plan): bool
    {
        return WorkKind::Set === $upon->work?->how && $upon->work->part !== $this->place->part
            && true === $plan->section?->meet($this->place->part, $upon->work->part);
    }

    /** It was done with it, upon it, or found on it: that it lies there, that it was brought there, and the answers that come after it. */
    public function fells(Event $event, Plan $plan): bool
    {
        $task = $plan->progress?->work($this->place);
        $is = match (true) {
            $event instanceof Applied => $plan->progress?->work($event->place),
            $event instanceof CheckMade => $plan->progress?->task($event->place),
            default => null,
        };
        if ($event instanceof Applied && $this->isOf($event->place)) {
            return true;
        }

        return null !== $task && null !== $is && ($event instanceof CheckMade || $this->lies($is, $plan))
            && \in_array($is, $plan->progress->stage($this->place->stage)?->after($task) ?? [], true);
    }

    private function isOf(WorkPlace $place): bool
    {
        return $place->equals($this->place) || $place->equals($this->place->by(WorkKind::Place));
    }
}
