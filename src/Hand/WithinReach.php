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
    private const MOST = 200;

    public function __construct(private PlanJob $plan, private PinnedSheets $sheets, private RankingTables $tables)
    {
    }

    /** @return list<KitSheet> in the order in which lists have them */
    public function kits(StoredJob $stored): array
    {
        $job = $this->plan->file($stored)->job;
        $table = $this->tables->kits($job->function);
        $ranked = Ranking::kits(self::enquiry($job), $table, $this->tables->connectors($job->function->connectorKind()));
        $best = self::first(array_map(static fn (int $row): array => [$table->names[$row][0], $table->names[$row][1]], $ranked->rows));
        $names = array_map(static fn (array $name): array => [$name[0], $name[1]], $table->names);

        return array_map(fn (array $name): KitSheet => $this->sheets->kit(Revision::of(...$name)), self::among($names, $best));
    }

    /** @return list<Connector> in the order in which lists have them */
    public function connectors(StoredJob $stored): array
    {
        $job = $this->plan->file($stored)->job;
        $table = $this->tables->connectors($job->function->connectorKind());
        $ranked = Ranking::connectors(self::enquiry($job), $table, null, null);
        $best = self::first(array_map(static fn (int $row): array => $table->names[$row], $ranked->rows));

        return array_map(
            fn (array $name): Connector => $this->sheets->connector(Revision::of(...$name)), self::among($table->names, $best),
        );
    }

    private static function enquiry(Job $job): Enquiry
    {
        return new Enquiry($job->function, array_values($job->cables), $job->site, $job->unit);
    }

    /**
     * @param list<array{string, int}> $names the best first; a sheet once for each of its sizes
     *
     * @return list<array{string, int}>
     */
    private static function first(array $names): array
    {
        return \array_slice(array_values(array_unique($names, \SORT_REGULAR)), 0, self::MOST);
    }

    /**
     * @param list<array{string, int}> $names
     * @param list<array{string, int}> $best
     *
     * @return list<array{string, int}> each of the best once, in the order of the names
     */
    private static function among(array $names, array $best): array
    {
        $isBest = array_filter($names, static fn (array $name): bool => \in_array($name, $best, true));

        return array_values(array_unique($isBest, \SORT_REGULAR));
    }
}
