<?php

declare(strict_types=1);

namespace App\UseCase;

/** A page of jobs as their stamps tell them: a job is read and planned only where its answer is not known. */
final readonly class ListJobs
{
    public function __construct(private JobStamps $stamps, private ShowJob $showJob)
    {
    }

    /**
     * @template T
     *
     * @param callable(JobStamp, \Closure(): PlannedJob): T $told what is said of a job
     *
     * @return Listing<T> last changed first
     */
    public function __invoke(int $page, int $perPage, callable $told): Listing
    {
        return Listing::read(
            $this->stamps->latest($page, $perPage), $this->stamps->count(),
            fn (JobStamp $stamp): mixed => $told($stamp, fn (): PlannedJob => ($this->showJob)($stamp->id)),
            static fn (JobStamp $stamp): string => $stamp->name,
        );
    }
}
