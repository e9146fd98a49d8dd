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

/** An engineer has looked at a hold point and lets the work go on. */
final readonly class HoldReleased implements Event
{
    public function __construct(public string $stage)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::HoldReleased;
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

        return match (true) {
            true !== $progress?->stage->isHoldPoint => Sentence::plain('This stage is no hold point.'),
            null === $plan->build->finished($this->stage) => Sentence::plain('Finish the stage first.'),
            default => null,
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins(), $plan->build->finished($this->stage)?->entry->id);
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('Hold point released: {stage}', ['stage' => $names->stage($this->stage)]);
    }
}
