<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\Build\WorkInWords;
use Berm\Core\Build\WorkPlace;
use Berm\Core\File\Fields;
use Berm\Core\File\PlaceFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** Something was brought to its place, set, taken off as the leaflet has it, or used up: one piece of work of a stage. */
final readonly class Applied implements Event
{
    public function __construct(public WorkPlace $place)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::Applied;
    }

    public function subject(): array
    {
        return $this->place->path();
    }

    public static function read(Fields $file): self
    {
        return new self(PlaceFile::readWork($file));
    }

    public function write(): array
    {
        return PlaceFile::writeWork($this->place);
    }

    public function stage(Progress $progress): ?Stage
    {
        return $progress->stage($this->place->stage)?->stage;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $task = $plan->progress?->work($this->place);
        if (null === $task) {
            return $plan->firstObstacle() ?? Sentence::plain('There is no such step on this job.');
        }

        return $plan->progress->stage($this->place->stage)?->openBefore($task)?->first();
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return WorkInWords::done($this->place, $names);
    }
}
