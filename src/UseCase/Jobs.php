<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\Entry;

interface Jobs
{
    /** @throws JobNotFound */
    public function get(string $id): StoredJob;

    /** False when the same job was added before. @throws IdTaken when another one has its id */
    public function add(StoredJob $job): bool;

    /**
     * Runs $change with the job locked, so that a decision about it and the writing are one.
     *
     * @template T
     *
     * @param callable(StoredJob): T $change
     *
     * @return T
     *
     * @throws JobNotFound
     */
    public function locked(string $id, callable $change): mixed;

    /** Only inside locked(). */
    public function savePlan(string $id, PlanDraft $draft, int $version, \DateTimeImmutable $at): void;

    /**
     * Writes a line at the end of its log. Only inside locked().
     *
     * @return StoredJob with the line
     *
     * @throws EntryIdTaken
     */
    public function append(StoredJob $job, Entry $entry): StoredJob;
}
