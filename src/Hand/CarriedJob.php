<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\JobNotFound;
use App\UseCase\Jobs;
use App\UseCase\PlanDraft;
use App\UseCase\StoredJob;
use Berm\Core\Build\Entry;

/** The one job that was taken along, as it was then, with what was written here. One person writes at a time: nothing is locked. */
final class CarriedJob implements Jobs
{
    private StoredJob $told;

    /** @param string $seals what the job rests on, as the chain of its log has it */
    public function __construct(private StoredJob $job, private readonly string $seals)
    {
        $this->told = $job;
    }

    /** What was written since it was asked last; null: nothing. */
    public function grown(): ?Growth
    {
        [$before, $this->told] = [$this->told, $this->job];

        return Growth::between($before, $this->told);
    }

    public function get(string $id): StoredJob
    {
        return $id === $this->job->id ? $this->job : throw JobNotFound::withId($id);
    }

    public function add(StoredJob $job): bool
    {
        throw new \LogicException('a job is made where there is a signal');
    }

    public function locked(string $id, callable $change): mixed
    {
        return $change($this->get($id));
    }

    public function savePlan(string $id, PlanDraft $draft, int $version, \DateTimeImmutable $at): void
    {
        $this->job = $this->get($id)->replanned($draft, $version, $at);
    }

    public function append(StoredJob $job, Entry $entry): StoredJob
    {
        return $this->job = $job->with($entry, $this->seals);
    }
}
