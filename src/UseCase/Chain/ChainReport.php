<?php

declare(strict_types=1);

namespace App\UseCase\Chain;

/** What was found of the logs: how they stand, and what does not agree. */
final readonly class ChainReport
{
    /**
     * @param list<ChainFault>    $faults
     * @param array<string, Head> $heads  by job, as they are
     * @param array<string, Head> $signed by job, as the lists have them
     */
    public function __construct(public array $faults, public array $heads, public array $signed, public ?HeadList $newest)
    {
    }

    public function isSound(): bool
    {
        return [] === $this->faults;
    }

    public function lines(): int
    {
        return array_sum(array_map(static fn (Head $head): int => $head->lines, $this->heads));
    }

    /** @return list<Head> of jobs that were written to since the newest list */
    public function unsigned(): array
    {
        return array_values(array_filter($this->heads, fn (Head $head): bool => !$head->equals($this->signed[$head->job] ?? null)));
    }
}
