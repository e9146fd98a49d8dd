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

/** An engineer lets stand what was found otherwise than planned. */
final readonly class FoundAccepted implements Event
{
    public function __construct(/** The id of the entry that says what was found. */ public string $found, public string $reason)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::FoundAccepted;
    }

    public function subject(): array
    {
        return [$this->found];
    }

    public static function read(Fields $file): self
    {
        return new self($file->text('found', 40), $file->text('reason', 600));
    }

    public function write(): array
    {
        return ['found' => $this->found, 'reason' => $this->reason];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        foreach ($plan->build->found() as $found) {
            if ($found->entry->id === $this->found) {
                return null;
            }
        }

        return Sentence::plain('Nothing of that stands in the way: it was planned anew, withdrawn, or let stand already.');
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('What was found is let stand: {reason}', ['reason' => $this->reason]);
    }
}
