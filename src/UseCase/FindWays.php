<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Check\CheckPlace;
use Berm\Core\Connector\Connector;
use Berm\Core\File\Fields;
use Berm\Core\File\PlaceFile;
use Berm\Core\Job\Job;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Ranking\Enquiry;
use Berm\Core\Ranking\Ranking;
use Berm\Core\Revision;
use Berm\Core\Rework\WaysOn;

/** Every way on from a cut or a check that is out. */
final readonly class FindWays
{
    /** So many connectors are held against what was cut, those that go best first. */
    private const CONNECTORS = 40;

    public function __construct(
        private Jobs $jobs, private PlanJob $plan, private PinnedSheets $sheets, private RankingTables $tables, private KitsInStock $kits,
    ) {
    }

    /** @param string $query as an address has it: a cut by end, cut and core, or a check by stage, check, and where it is made */
    public static function fault(string $query): MarkPlace|CheckPlace
    {
        $asked = self::asked($query);

        return isset($asked['check']) ? Fields::read($asked, PlaceFile::readCheck(...)) : Fields::read($asked, PlaceFile::readMark(...));
    }

    /** @return array<array-key, mixed> as an open file has it: what is a number is one */
    public static function asked(string $query): array
    {
        parse_str($query, $asked);
        foreach (['core', 'number'] as $key) {
            $value = $asked[$key] ?? '';
            $asked = [...$asked, ...(\is_string($value) && ctype_digit($value) ? [$key => (int) $value] : [])];
        }

        return $asked;
    }

    /**
     * Refuses with EntryRefused where nothing is out there.
     *
     * @throws JobNotFound
     */
    public function __invoke(string $jobId, MarkPlace|CheckPlace $fault): FoundWays
    {
        $plan = ($this->plan)($this->jobs->get($jobId));
        $refusal = WaysOn::refusal($plan, $fault);
        if (null !== $refusal) {
            throw new EntryRefused($refusal);
        }
        // By another kit only a cut can be right as it is.
        $kits = $fault instanceof MarkPlace && null === $plan->build->connector ? $this->kits->for($jobId, $plan->job) : [];

        $connectors = null === $plan->build->connector ? $this->connectors($plan->job) : [];
        $core = $fault instanceof MarkPlace ? $fault->core : $fault->where->core;

        return new FoundWays(WaysOn::from($plan, $fault, $connectors, $kits), $plan, $core ?? 1);
    }

    /** @return list<Connector> */
    private function connectors(Job $job): array
    {
        $table = $this->tables->connectors($job->function->connectorKind());
        $rows = Ranking::connectors(Enquiry::ofJob($job), $table, null, null)->rows;

        return array_map(
            fn (int $row): Connector => $this->sheets->connector(Revision::of(...$table->names[$row])),
            \array_slice($rows, 0, self::CONNECTORS),
        );
    }
}
