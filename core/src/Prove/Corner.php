<?php

declare(strict_types=1);

namespace Berm\Core\Prove;

use Berm\Core\Job\Job;

/** One job at the ends of what a sheet takes, and in which words it is told from the others. */
final readonly class Corner
{
    public function __construct(public string $size, public string $words, public Job $job)
    {
    }

    public function inWords(): string
    {
        return "size $this->size: $this->words";
    }
}
