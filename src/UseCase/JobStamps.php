<?php

declare(strict_types=1);

namespace App\UseCase;

interface JobStamps
{
    /**
     * Changes whenever anything about the job does: one cheap look tells whether what was computed before still holds.
     *
     * @throws JobNotFound
     */
    public function of(string $id): string;

    /** @return list<JobStamp> a page of them, the last changed first */
    public function latest(int $page, int $perPage): array;

    public function count(): int;
}
