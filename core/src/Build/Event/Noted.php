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

/** What somebody of the job's people has to say, at any time: nothing waits for it and nothing follows from it. */
final readonly class Noted implements Event
{
    /** @param string $stage key of the stage that it is about; empty: of the job as a whole */
    public function __construct(public string $text, public string $stage)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::Noted;
    }

    /** None takes the place of another. */
    public function subject(): array
    {
        return [$this->stage, $this->text];
    }

    public static function read(Fields $file): self
    {
        return new self($file->text('note', 600), $file->optionalText('stage', 40));
    }

    public function write(): array
    {
        return ['note' => $this->text, ...('' === $this->stage ? [] : ['stage' => $this->stage])];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return $plan->missingStage($this->stage);
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return '' === $this->stage
            ? Sentence::of('Note: {note}', ['note' => $this->text])
            : Sentence::of('Note, {stage}: {note}', ['stage' => $names->stage($this->stage), 'note' => $this->text]);
    }
}
