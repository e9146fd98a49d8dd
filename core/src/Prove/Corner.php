<?php

declare(strict_types=1);

namespace Berm\Core\Prove;

use Berm\Core\Job\Job;

/** One job at the ends of what a sheet takes, and in which words it is told from the others. */
final readonly class Corner
{
    public function __construct(
        public string $size,
        /** What tells it from the others of its branch. */
        public string $words,
        /** Screen, armour, place and what is said: from branch to branch the work differs. */
        public string $branch,
        public Job $job,
    ) {
    }

    public function inWords(): string
    {
        $words = array_filter([$this->words, $this->branch], static fn (string $one): bool => '' !== $one);

        return "size $this->size: ".implode('; ', $words);
    }
}
