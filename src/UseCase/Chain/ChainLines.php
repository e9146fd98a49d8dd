<?php

declare(strict_types=1);

namespace App\UseCase\Chain;

/** Logs and sheets as they are kept, read anew each time: nothing of it comes from a cache. */
interface ChainLines
{
    /**
     * @param string|null $job of one only
     *
     * @return iterable<ChainLine> by job, in order
     */
    public function all(?string $job): iterable;

    /**
     * What sheets say now.
     *
     * @param list<string> $pinned lines of kind, id and revision
     *
     * @return array<string, string> digests by those lines; what is not there is missing
     */
    public function digests(array $pinned): array;
}
