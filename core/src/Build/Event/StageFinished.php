<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** A stage is done as the leaflet has it, and everything in it was looked at. */
final readonly class StageFinished implements Event
{
    public function __construct(public string $stage)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::StageFinished;
    }

    public function subject(): array
    {
        return [$this->stage];
    }

    public static function read(Fields $file): self
    {
        return new self($file->text('stage', 40));
    }

    public function write(): array
    {
        return ['stage' => $this->stage];
    }

    public function stage(Progress $progress): ?Stage
    {
        return $progress->stage($this->stage)?->stage;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $progress = $plan->progress?->stage($this->stage);

        return null === $progress ? Sentence::plain('This kit has no such stage.') : $progress->openBeforeFinish()?->first();
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins(), isStepByStep: true);
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('Finished: {stage}', ['stage' => $names->stage($this->stage)]);
    }
}
