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

/** The plan was changed after work had begun: what is now pinned, in words. */
final readonly class PlanChanged implements Event
{
    public function __construct(public string $summary)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::PlanChanged;
    }

    public function subject(): array
    {
        return [];
    }

    public static function read(Fields $file): self
    {
        return new self($file->text('summary', 2000));
    }

    public function write(): array
    {
        return ['summary' => $this->summary];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return null;
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('Plan changed: {summary}', ['summary' => $this->summary]);
    }
}
