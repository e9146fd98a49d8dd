<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Check\PhaseCheck;
use Berm\Core\Check\Safeguard;
use Berm\Core\Job\Job;
use Berm\Core\Saying\Sentence;

/** What the things of a job are called, so that an entry can name them. */
final readonly class Names
{
    public function __construct(private Job $job)
    {
    }

    public function item(string $key): string
    {
        return $this->job->sheet?->nameOf($key) ?? $key;
    }

    /** As the sheet's author wrote it: its trade words are said in the reader's own. */
    public function stage(string $key): Sentence
    {
        return Sentence::plain($this->job->sheet?->stage($key)->title ?? $key);
    }

    public function check(string $stage, string $check): Sentence
    {
        return Sentence::plain(
            $this->job->sheet?->stage($stage)?->check($check)->ask
                ?? Safeguard::tryFrom($check)?->ask($this->job->site->place) ?? PhaseCheck::tryFrom($check)?->ask() ?? $check,
        );
    }

    /** "connector" or "lug". */
    public function connector(): string
    {
        return $this->job->function->connectorKind()->label();
    }
}
