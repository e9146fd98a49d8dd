<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Fit\ConnectorFit;
use Berm\Core\Job\Job;
use Berm\Core\Job\Trial;
use Berm\Core\Ranking\ConnectorTable;
use Berm\Core\Ranking\Enquiry;
use Berm\Core\Ranking\KitTable;
use Berm\Core\Ranking\Pair;
use Berm\Core\Ranking\Ranked;
use Berm\Core\Ranking\Ranking;
use Berm\Core\Revision;

/** Holds every kit size, or every connector, against a job's cables: the best first, and for a page of them why each fits or does not. */
final readonly class JudgeChoices
{
    public function __construct(private Jobs $jobs, private PlanJob $plan, private PinnedSheets $sheets, private RankingTables $tables)
    {
    }

    /** Kit sizes, each with the connector that goes best with it; planned whole with the connector that is chosen. @throws JobNotFound */
    public function kits(string $jobId, int $page): Choices
    {
        $job = $this->job($jobId);
        $enquiry = Enquiry::ofJob($job);
        $table = $this->tables->kits($enquiry->function);
        $connectors = $this->tables->connectors($enquiry->function->connectorKind());
        $ranked = Ranking::kits($enquiry, $table, $connectors);

        return self::page(
            $ranked, $page, fn (int $row): Choice => $this->kit($job, $table->names[$row], $connectors, $ranked->pairs[$row] ?? null),
        );
    }

    /** Connectors on the conductors, and planned whole in the kit if one is chosen. @throws JobNotFound */
    public function connectors(string $jobId, int $page): Choices
    {
        $job = $this->job($jobId);
        $enquiry = Enquiry::ofJob($job);
        $table = $this->tables->connectors($enquiry->function->connectorKind());
        $kits = null === $job->sheet ? null : KitTable::of([$job->sheet]);
        $row = null === $job->sheet || null === $job->size ? null : $kits?->find(
            $job->sheet->revision->id, $job->sheet->revision->number, $job->size->label,
        );
        $ranked = Ranking::connectors($enquiry, $table, $kits, $row);

        return self::page($ranked, $page, fn (int $place): Choice => $this->connector($job, $table->names[$place]));
    }

    private function job(string $id): Job
    {
        return $this->plan->file($this->jobs->get($id))->job;
    }

    /** @param array{string, int, string} $name */
    private function kit(Job $job, array $name, ConnectorTable $connectors, ?Pair $pair): Choice
    {
        [$id, $revision, $label] = $name;
        $sheet = $this->sheets->kit(Revision::of($id, $revision));
        $withKit = $job->withKit($sheet, $sheet->sizes[$label]);
        $trial = Trial::of($withKit);
        $with = null === $pair?->connector ? null : $this->connector($withKit, $connectors->names[$pair->connector], $trial);

        return Choice::ofKit($sheet, $sheet->sizes[$label], $trial->kit->and($trial->plan), $pair?->goes, $with);
    }

    /**
     * @param Job                $job   with or without a kit size
     * @param array{string, int} $name
     * @param Trial|null         $known with the connector of the job: not planned a second time
     */
    private function connector(Job $job, array $name, ?Trial $known = null): Choice
    {
        $connector = $this->sheets->connector(Revision::of(...$name));
        $isKnown = null !== $known && true === $job->connector?->revision->equals($connector->revision);
        $fit = null === $job->size
            ? ConnectorFit::judge($job->function, array_values($job->cables), $connector, null, null)
            : ($isKnown ? $known : Trial::of($job->withConnector($connector)))->together();

        return Choice::ofConnector($connector, $fit);
    }

    /**
     * What the whole plan brings out stands behind what it lets stand.
     *
     * @param callable(int): Choice $choice of a row
     */
    private static function page(Ranked $ranked, int $page, callable $choice): Choices
    {
        $rows = \array_slice($ranked->rows, ($page - 1) * Choices::PER_PAGE, Choices::PER_PAGE);
        $choices = array_map($choice, $rows);
        usort($choices, static fn (Choice $one, Choice $other): int => $one->standing() <=> $other->standing());

        return new Choices($choices, $page, \count($ranked->rows), $ranked->possible);
    }
}
