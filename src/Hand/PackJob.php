<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\Boxes;
use App\UseCase\CheckedKind;
use App\UseCase\Crews;
use App\UseCase\JobNotFound;
use App\UseCase\Jobs;
use App\UseCase\JudgeTools;
use App\UseCase\PinnedSheets;
use App\UseCase\Seals;
use App\UseCase\SheetChecks;
use App\UseCase\SheetWithdrawals;
use App\UseCase\StoredJob;
use App\UseCase\Tools;
use App\UseCase\Who;
use Berm\Core\Connector\Connector;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Revision;
use Berm\Core\Stores\Box;
use Psr\Clock\ClockInterface;

/** Makes a job ready for work without signal. */
final readonly class PackJob
{
    private const MOST_BOXES = 200;

    public function __construct(
        private Jobs $jobs,
        private PinnedSheets $sheets,
        private SheetWithdrawals $withdrawals,
        private Crews $crews,
        private Seals $seals,
        private WithinReach $reach,
        private SheetChecks $checks,
        private Boxes $boxes,
        private Tools $tools,
        private ClockInterface $clock,
    ) {
    }

    /** @throws JobNotFound */
    public function __invoke(string $id, Who $who): Package
    {
        $job = $this->jobs->get($id);
        $crew = array_map(static fn (Who $one): string => $one->name, $this->crews->of($id));

        $kit = $job->draft->kit;
        $boxes = null === $kit ? [] : $this->boxes->page($kit->id, null, 1, self::MOST_BOXES);
        $sheets = $this->carried($job, $boxes);
        $stores = new CarriedStores([...$boxes, ...$this->others($kit, $sheets)], $this->tools->page(1, JudgeTools::AT_MOST)->items);

        return new Package(
            $this->clock->now(), $who, $this->crews->has($id, $who), $crew, $job, $sheets, $stores, $this->seals->of($job->draft),
        );
    }

    /** @return list<Box> of the kits that could be chosen instead, the first to expire */
    private function others(?Revision $planned, CarriedSheets $sheets): array
    {
        return array_values(array_filter(
            $this->boxes->page(null, null, 1, self::MOST_BOXES),
            static fn (Box $box): bool => $box->kit->id !== $planned?->id && null !== $sheets->kits->find($box->kit),
        ));
    }

    /** @param list<Box> $boxes of the kit that is planned, of whatever revision */
    private function carried(StoredJob $job, array $boxes): CarriedSheets
    {
        $draft = $job->draft;
        $kits = $this->reach->kits($job);
        foreach ($boxes as $box) {
            $kits = [...$kits, ...self::missing($this->sheets->kit($box->kit), $kits)];
        }
        $connectors = $this->reach->connectors($job);
        $kits = [...$kits, ...self::missing(null === $draft->kit ? null : $this->sheets->kit($draft->kit), $kits)];
        $connectors = [
            ...$connectors, ...self::missing(null === $draft->connector ? null : $this->sheets->connector($draft->connector), $connectors),
        ];

        return new CarriedSheets(
            Pile::of(array_map($this->sheets->cable(...), self::once($draft->cableRevisions()))), Pile::of($kits), Pile::of($connectors),
            $this->withdrawn($kits),
            $this->checks->missing(CheckedKind::Connector, array_map(static fn (Connector $one): Revision => $one->revision, $connectors)),
        );
    }

    /**
     * What the plan pins is carried too, where a newer revision of it, or none, is in reach.
     *
     * @template T of KitSheet|Connector
     *
     * @param T|null  $pinned
     * @param list<T> $carried
     *
     * @return list<T>
     */
    private static function missing(KitSheet|Connector|null $pinned, array $carried): array
    {
        foreach ($carried as $one) {
            if (null !== $pinned && $one->revision->equals($pinned->revision)) {
                return [];
            }
        }

        return null === $pinned ? [] : [$pinned];
    }

    /**
     * @param list<KitSheet> $kits
     *
     * @return list<array{revision: Revision, why: string}>
     */
    private function withdrawn(array $kits): array
    {
        $withdrawn = [];
        foreach ($this->withdrawals->all() as $revision) {
            if ([] !== array_filter($kits, static fn (KitSheet $sheet): bool => $sheet->revision->equals($revision))) {
                $withdrawn[] = ['revision' => $revision, 'why' => $this->withdrawals->reason($revision) ?? ''];
            }
        }

        return $withdrawn;
    }

    /**
     * @param list<Revision> $revisions
     *
     * @return list<Revision> a cable that lies at both ends is carried once
     */
    private static function once(array $revisions): array
    {
        $isAgain = isset($revisions[1]) && $revisions[1]->equals($revisions[0]);

        return $isAgain ? [$revisions[0]] : $revisions;
    }
}
