<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Connector\Connector;
use Berm\Core\File\Fields;
use Berm\Core\File\PlaceFile;
use Berm\Core\Job\Job;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Ranking\Enquiry;
use Berm\Core\Ranking\Ranking;
use Berm\Core\Revision;
use Berm\Core\Rework\Way;
use Berm\Core\Rework\WaysOfCut;

/** Every way on from a cut that is out. */
final readonly class FindWays
{
    /** So many connectors are held against what was cut, those that go best first. */
    private const CONNECTORS = 40;

    public function __construct(private Jobs $jobs, private PlanJob $plan, private PinnedSheets $sheets, private RankingTables $tables)
    {
    }

    /** @param string $query as an address has it: end, cut, and core where there are several */
    public static function place(string $query): MarkPlace
    {
        parse_str($query, $asked);
        $core = $asked['core'] ?? '';
        $place = [...$asked, ...(\is_string($core) && ctype_digit($core) ? ['core' => (int) $core] : [])];

        return Fields::read($place, PlaceFile::readMark(...));
    }

    /**
     * Refuses with EntryRefused where nothing is out there.
     *
     * @return list<Way>
     *
     * @throws JobNotFound
     */
    public function __invoke(string $jobId, MarkPlace $place): array
    {
        $plan = ($this->plan)($this->jobs->get($jobId));
        $refusal = WaysOfCut::refusal($plan, $place);

        return null === $refusal ? WaysOfCut::on($plan, $place, $this->connectors($plan->job)) : throw new EntryRefused($refusal);
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
