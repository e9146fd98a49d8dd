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

/** An engineer answers whoever called for one. */
final readonly class Answered implements Event
{
    public function __construct(/** The id of the entry that called. */ public string $call, public string $answer)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::Answered;
    }

    public function subject(): array
    {
        return [$this->call];
    }

    public static function read(Fields $file): self
    {
        return new self($file->text('call', 40), $file->text('answer', 600));
    }

    public function write(): array
    {
        return ['call' => $this->call, 'answer' => $this->answer];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        foreach ($plan->build->calls() as $call) {
            if ($call->made->entry->id === $this->call) {
                return $call->isOpen() ? null : Sentence::plain('It is answered already: withdraw that answer first.');
            }
        }

        return Sentence::plain('Nobody calls by that entry: it was withdrawn, or never written.');
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('Answer: {answer}', ['answer' => $this->answer]);
    }
}
