<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\CallAbout;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** Somebody at the cable calls for an engineer, and goes on meanwhile with what can be done. */
final readonly class Called implements Event
{
    public function __construct(
        public CallAbout $about,
        public string $note,
        /** Key of the stage that it is about; empty: of the job as a whole. */
        public string $stage,
    ) {
    }

    public static function kind(): EventKind
    {
        return EventKind::Called;
    }

    public function subject(): array
    {
        return [$this->about->value, $this->stage, $this->note];
    }

    public static function read(Fields $file): self
    {
        return new self($file->choice('about', CallAbout::class), $file->text('note', 600), $file->optionalText('stage', 40));
    }

    public function write(): array
    {
        return ['about' => $this->about->value, 'note' => $this->note, ...('' === $this->stage ? [] : ['stage' => $this->stage])];
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
        return Sentence::of(
            $this->about->label().('' === $this->stage ? '' : ', {stage}').': {note}',
            ['note' => $this->note, ...('' === $this->stage ? [] : ['stage' => $names->stage($this->stage)])],
        );
    }
}
