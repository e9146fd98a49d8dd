<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Job\Job;
use Berm\Core\Kit\KitSize;
use Berm\Core\Ranking\Enquiry;
use Berm\Core\Ranking\Ranking;
use Berm\Core\Revision;
use Berm\Core\Rework\KitAtHand;
use Psr\Clock\ClockInterface;

/** Kits that fit a job's cables and of which a box may be taken for it. */
final readonly class KitsInStock
{
    /** So many boxes are looked at, the first to expire first; and so many kits that go best are read. */
    private const BOXES = 200;
    private const KITS = 8;

    public function __construct(
        private Boxes $boxes, private PinnedSheets $sheets, private RankingTables $tables, private ClockInterface $clock,
    ) {
    }

    /** @return list<KitAtHand> */
    public function for(string $jobId, Job $job): array
    {
        $stock = $this->stock($jobId);
        $kits = [] === $stock ? null : $this->tables->kits($job->function);
        $ranked = null === $kits ? null : Ranking::kits(
            Enquiry::ofJob($job), $kits, $this->tables->connectors($job->function->connectorKind()),
        );
        $found = [];
        foreach (\array_slice($ranked->rows ?? [], 0, $ranked->possible ?? 0) as $row) {
            [$id, $revision, $size] = $kits->names[$row] ?? throw new \LogicException('it was ranked');
            $boxes = $stock[serialize([$id, $revision, $size])] ?? null;
            $kit = null === $boxes || \count($found) >= self::KITS ? null : $this->kit(Revision::of($id, $revision), $size, ...$boxes);
            $found = null === $kit ? $found : [...$found, $kit];
        }

        return $found;
    }

    private function kit(Revision $revision, string $label, ?\DateTimeImmutable $expires, int $boxes): ?KitAtHand
    {
        $sheet = $this->sheets->kit($revision);
        $size = $sheet->sizes[$label] ?? null;

        return $size instanceof KitSize ? new KitAtHand($sheet, $size, $expires, $boxes) : null;
    }

    /** @return array<string, array{\DateTimeImmutable|null, int}> by kit, revision and size: the first to expire, and how many there are */
    private function stock(string $jobId): array
    {
        $stock = [];
        foreach ($this->boxes->page(null, null, 1, self::BOXES) as $box) {
            $key = serialize([$box->kit->id, $box->kit->number, $box->size]);
            if (null === $box->refusal($this->clock->now(), $jobId) && null === $box->openedAt) {
                $stock[$key] = [$stock[$key][0] ?? $box->expiresOn, ($stock[$key][1] ?? 0) + 1];
            }
        }

        return $stock;
    }
}
