<?php

declare(strict_types=1);

namespace App\UseCase\Chain;

/** The end of a job's log at some time: how many lines it had, and the hash of the last. */
final readonly class Head
{
    public function __construct(public string $job, public int $lines, public string $hash)
    {
    }

    public function equals(?self $other): bool
    {
        return null !== $other && $this->lines === $other->lines && $this->hash === $other->hash;
    }
}
