<?php

declare(strict_types=1);

namespace App\UseCase;

/** What waits for whom on every job, as far as it is known: of the jobs that changed since somebody asked last, a few are looked at. */
final readonly class ListWaits
{
    /** Jobs that were not touched for so long that so many others were, are not looked at. */
    private const JOBS = 500;
    /** Each costs a plan. */
    private const LOOKED_AT_ONCE = 10;

    public function __construct(private JobStamps $stamps, private ShowJob $showJob)
    {
    }

    /**
     * @template T
     *
     * @param callable(JobStamp, (\Closure(): PlannedJob)|null): (list<T>|null) $told what waits on a job; null where that is not known
     *                                                                                and may not be worked out now
     *
     * @return array{list<T>, int} and how many jobs were not looked at: ask again
     */
    public function __invoke(callable $told): array
    {
        $waits = [];
        $left = self::LOOKED_AT_ONCE;
        $unseen = 0;
        foreach ($this->stamps->latest(1, self::JOBS) as $stamp) {
            $look = function () use ($stamp, &$left): PlannedJob {
                --$left;

                return ($this->showJob)($stamp->id);
            };
            $known = $told($stamp, $left > 0 ? $look : null);
            $unseen += null === $known ? 1 : 0;
            $waits = [...$waits, ...$known ?? []];
        }

        return [$waits, $unseen];
    }
}
