<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Assembly\RuleValues;
use Berm\Core\Fit\ConnectorFit;
use Berm\Core\Fit\KitFit;
use Berm\Core\Job\Job;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
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
    public function __construct(private Jobs $jobs, private PlanJob $plan, private Sheets $sheets, private RankingTables $tables)
    {
    }

    /** Kit sizes with the connector that goes best with each. @throws JobNotFound */
    public function kits(string $jobId, int $page): Choices
    {
        $enquiry = self::enquiry($this->job($jobId));
        $table = $this->tables->kits($enquiry->function);
        $connectors = $this->tables->connectors($enquiry->function->connectorKind());
        $ranked = Ranking::kits($enquiry, $table, $connectors);

        return self::page(
            $ranked, $page, fn (int $row): Choice => $this->kit($enquiry, $table->names[$row], $connectors, $ranked->pairs[$row] ?? null),
        );
    }

    /** Connectors on the conductors, and in the kit if one is chosen. @throws JobNotFound */
    public function connectors(string $jobId, int $page): Choices
    {
        $job = $this->job($jobId);
        $enquiry = self::enquiry($job);
        $table = $this->tables->connectors($enquiry->function->connectorKind());
        $kits = null === $job->sheet ? null : KitTable::of([$job->sheet]);
        $row = null === $job->sheet || null === $job->size ? null : $kits?->find(
            $job->sheet->revision->id, $job->sheet->revision->number, $job->size->label,
        );
        $ranked = Ranking::connectors($enquiry, $table, $kits, $row);
        $sheet = null === $job->sheet || null === $job->size ? null : self::applying($enquiry, $job->sheet, $job->size);

        return self::page($ranked, $page, fn (int $place): Choice => $this->connector($enquiry, $table->names[$place], $sheet, $job->size));
    }

    private function job(string $id): Job
    {
        return $this->plan->file($this->jobs->get($id))->job;
    }

    private static function enquiry(Job $job): Enquiry
    {
        return new Enquiry($job->function, array_values($job->cables), $job->site, $job->unit);
    }

    /** @param array{string, int, string} $name */
    private function kit(Enquiry $enquiry, array $name, ConnectorTable $connectors, ?Pair $pair): Choice
    {
        [$id, $revision, $label] = $name;
        $sheet = $this->sheets->kit(Revision::of($id, $revision));
        $size = $sheet->sizes[$label];
        $asItStands = self::applying($enquiry, $sheet, $size);
        $with = null === $pair?->connector ? null : $this->connector($enquiry, $connectors->names[$pair->connector], $asItStands, $size);

        return Choice::ofKit(
            $sheet, $size, KitFit::judge($enquiry->function, $enquiry->cables, $enquiry->site, $asItStands, $size), $pair?->goes, $with,
        );
    }

    /** @param array{string, int} $name */
    private function connector(Enquiry $enquiry, array $name, ?KitSheet $sheet, ?KitSize $size): Choice
    {
        $connector = $this->sheets->connector(Revision::of(...$name));

        return Choice::ofConnector($connector, ConnectorFit::judge($enquiry->function, $enquiry->cables, $connector, $sheet, $size));
    }

    /** Without the parts that this job does not need. */
    private static function applying(Enquiry $enquiry, KitSheet $sheet, KitSize $size): KitSheet
    {
        return [] === $enquiry->cables ? $sheet : $sheet->applyingTo(RuleValues::of(
            $enquiry->cables[0], $size->dimensions, null, $enquiry->site,
        ));
    }

    /** @param callable(int): Choice $choice of a row */
    private static function page(Ranked $ranked, int $page, callable $choice): Choices
    {
        $rows = \array_slice($ranked->rows, ($page - 1) * Choices::PER_PAGE, Choices::PER_PAGE);

        return new Choices(array_map($choice, $rows), $page, \count($ranked->rows), $ranked->possible);
    }
}
