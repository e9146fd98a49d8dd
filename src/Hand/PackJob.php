<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\Crews;
use App\UseCase\JobNotFound;
use App\UseCase\Jobs;
use App\UseCase\PinnedSheets;
use App\UseCase\PlanDraft;
use App\UseCase\Seals;
use App\UseCase\Who;
use App\UseCase\WithdrawalReasons;
use Berm\Core\Revision;
use Psr\Clock\ClockInterface;

/** Makes a job ready for work without signal. */
final readonly class PackJob
{
    public function __construct(
        private Jobs $jobs,
        private PinnedSheets $sheets,
        private WithdrawalReasons $withdrawals,
        private Crews $crews,
        private Seals $seals,
        private ClockInterface $clock,
    ) {
    }

    /** @throws JobNotFound */
    public function __invoke(string $id, Who $who): Package
    {
        $job = $this->jobs->get($id);
        $crew = array_map(static fn (Who $one): string => $one->name, $this->crews->of($id));

        return new Package(
            $this->clock->now(), $who, $this->crews->has($id, $who), $crew, $job, $this->carried($job->draft), $this->seals->of($job->draft),
        );
    }

    private function carried(PlanDraft $draft): CarriedSheets
    {
        $reason = null === $draft->kit ? null : $this->withdrawals->reason($draft->kit);

        return new CarriedSheets(
            array_map($this->sheets->cable(...), self::once($draft->cableRevisions())),
            null === $draft->kit ? [] : [$this->sheets->kit($draft->kit)],
            null === $draft->connector ? [] : [$this->sheets->connector($draft->connector)],
            null === $draft->kit || null === $reason ? [] : [['revision' => $draft->kit, 'why' => $reason]],
        );
    }

    /**
     * @param list<Revision> $revisions
     *
     * @return list<Revision> a cable that lies at both ends is carried once
     */
    private static function once(array $revisions): array
    {
        return array_values(array_unique($revisions, \SORT_REGULAR));
    }
}
