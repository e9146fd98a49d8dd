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

/** An engineer lets a joint be finished by a revision of the sheet that was withdrawn. */
final readonly class WithdrawnAccepted implements Event
{
    public function __construct(public string $reason)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::WithdrawnAccepted;
    }

    public function subject(): array
    {
        return [];
    }

    public static function read(Fields $file): self
    {
        return new self($file->text('reason', 600));
    }

    public function write(): array
    {
        return ['reason' => $this->reason];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return null === $plan->job->withdrawn ? Sentence::plain('There is nothing to let stand: this sheet was not withdrawn.') : null;
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('Built by a withdrawn sheet all the same: {reason}', ['reason' => $this->reason]);
    }
}
