<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\PinnedSheets;
use App\UseCase\PlanJob;
use App\UseCase\RankingTables;
use App\UseCase\StoredJob;
use Berm\Core\Connector\Connector;
use Berm\Core\Job\Job;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Ranking\Enquiry;
use Berm\Core\Ranking\Ranking;
use Berm\Core\Revision;

/** What a way out may need: the kits and connectors that could be chosen for a job, those that go best with its cables. */
final readonly class WithinReach
{
    private const MOST_KITS = 60;
    private const MOST_CONNECTORS = 200;

    public function __construct(private PlanJob $plan, private PinnedSheets $sheets, private RankingTables $tables)
    {
    }

    /** @return list<KitSheet> in the order in which lists have them */
    public function kits(StoredJob $stored): array
    {
        $job = $this->plan->file($stored)->job;
        $table = $this->tables->kits($job->function);
        $connectors = $this->tables->connectors($job->function->connectorKind());
        $ranked = Ranking::kits(Enquiry::ofJob($job), $table, $connectors);

        return array_map($this->sheets->kit(...), self::best($table->names, $ranked->rows, self::MOST_KITS));
    }

    /** @return list<Connector> in the order in which lists have them */
    public function connectors(StoredJob $stored): array
    {
        $job = $this->plan->file($stored)->job;
        $table = $this->tables->connectors($job->function->connectorKind());
        $ranked = Ranking::connectors(Enquiry::ofJob($job), $table, null, null);

        return array_map($this->sheets->connector(...), self::best($table->names, $ranked->rows, self::MOST_CONNECTORS));
    }

    /**
     * A sheet stands in as many rows as it has sizes, and is taken once; of each there is its newest revision alone.
     *
     * @param list<array{0: string, 1: int, 2?: string}> $names of the rows
     * @param list<int>                                  $rows  the best first
     *
     * @return list<Revision> in the order of the names
     */
    private static function best(array $names, array $rows, int $most): array
    {
        $best = $found = [];
        foreach ($rows as $row) {
            $best[$names[$row][0]] = true;
            if ($most === \count($best)) {
                break;
            }
        }
        foreach ($names as [$id, $number]) {
            if (isset($best[$id])) {
                $found[] = Revision::of($id, $number);
                unset($best[$id]);
            }
        }

        return $found;
    }
}
