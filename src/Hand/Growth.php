<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\StoredEntry;
use App\UseCase\StoredJob;

/** What was written on the device since: kept there line by line, so that a job is opened as it was left, with nothing judged twice. */
final readonly class Growth
{
    /** @param list<StoredEntry> $lines in the order in which they were written */
    private function __construct(public StoredJob $job, public array $lines)
    {
    }

    public static function between(StoredJob $before, StoredJob $after): ?self
    {
        return $before === $after ? null : new self($after, \array_slice($after->log, \count($before->log)));
    }

    /** As it is kept: the job as it was after it, its log being these lines alone. */
    public static function kept(StoredJob $job): self
    {
        return new self($job, $job->log);
    }

    /** The job with it. */
    public function on(StoredJob $before): StoredJob
    {
        $job = $this->job;

        return new StoredJob(
            $before->id, $before->name, $before->function, $job->draft, $job->version, [...$before->log, ...$this->lines], $job->changedAt,
        );
    }
}
