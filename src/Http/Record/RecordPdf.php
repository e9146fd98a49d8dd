<?php

declare(strict_types=1);

namespace App\Http\Record;

use App\Paper\Columns;
use App\Paper\Paper;
use App\Paper\PaperSize;
use App\Paper\Section\SectionDrawing;
use App\UseCase\Picture;
use App\UseCase\PlannedJob;
use Berm\Core\Saying\Reader;

/**
 * The record on paper: what was let stand first, facts, the section as cut, every cut and check with its verdict, and the log with its
 * last hash.
 */
final readonly class RecordPdf
{
    /** @param list<string> $unchecked names of cables and connectors that only their writer has looked at */
    private function __construct(
        private Paper $pdf, private PlannedJob $job, private Reader $reader, private bool $isUnbroken, private array $unchecked,
        private RecordFacts $facts,
    ) {
    }

    /**
     * @param list<string>               $unchecked names of cables and connectors that only their writer has looked at
     * @param \Closure(string): ?Picture $picture   by its hash; null where it is not here
     */
    public static function of(
        PlannedJob $job, Reader $reader, bool $isUnbroken, array $unchecked, \Closure $picture, PaperSize $size,
    ): string {
        $name = $job->stored->name;
        $pdf = Paper::upright($size, "$name: record")->withFoot("Berm · $name · record");
        $pdf->AddPage();
        $record = new self($pdf, $job, $reader, $isUnbroken, $unchecked, new RecordFacts($job->plan, $reader));
        $record->head();
        $record->concessions();
        $record->facts();
        $record->section();
        $record->cuts();
        $record->checks();
        $record->pictures($picture);
        $record->log();
        $record->foot();

        return $pdf->printed();
    }

    private function head(): void
    {
        $this->pdf->face(18, 'B')->say($this->job->stored->name, 9);
        $this->pdf->face(10)->say(
            'Record of a '.$this->reader->word($this->job->stored->function->label()).'. '
                .$this->reader->say($this->job->plan->completion()->sentence()), 6,
        );
        $this->pdf->rule(0.5);
    }

    /** What was let stand comes first; then what only its writer has looked at, and what stands in the way. */
    private function concessions(): void
    {
        $concessions = $this->facts->concessions($this->job->stored->log);
        $this->title('What was let stand');
        if ([] === $concessions) {
            $this->pdf->face(9)->say('Nothing: all that is written down keeps to its limits, or is still open.');
        }
        foreach ($concessions as $concession) {
            $this->pdf->face(9)->say($concession);
        }
        foreach ($this->unchecked as $sheet) {
            $this->pdf->face(9, 'B')->say("$sheet: not checked by a second person.");
        }
        foreach ($this->job->plan->obstacles as $obstacle) {
            $this->pdf->face(9, 'B')->say($this->reader->say($obstacle->reason));
        }
    }

    private function facts(): void
    {
        $this->title('Facts');
        foreach ($this->facts->rows() as [$name, $value]) {
            $this->pdf->face(9);
            $this->pdf->needs($this->pdf->getStringHeight($this->pdf->wide() - 30, $value) + 2);
            $top = $this->pdf->GetY();
            $this->pdf->setTextColor(95, 98, 87);
            $this->pdf->MultiCell(30, 5, $name, 0, 'L', false, 1);
            $below = $this->pdf->GetY();
            $this->pdf->setTextColor(29, 33, 28);
            $this->pdf->MultiCell($this->pdf->wide() - 30, 5, $value, 0, 'L', false, 1, $this->pdf->left() + 30, $top);
            $this->pdf->setY(max($below, $this->pdf->GetY()));
            $this->pdf->rule(0.1);
        }
    }

    private function section(): void
    {
        if (null !== $this->job->plan->section) {
            $this->title('As it lies');
            SectionDrawing::draw($this->pdf, $this->job->plan, $this->reader, $this->pdf->left(), $this->pdf->wide());
        }
    }

    private function cuts(): void
    {
        $this->title('Cuts');
        $this->table(
            ['', 'Cut', 'mark', 'window', 'measured', 'by', 'verdict'], [12.0, 42.0, 24.0, 36.0, 24.0, 20.0, 20.0], $this->facts->cuts(),
        );
    }

    private function checks(): void
    {
        $checks = $this->facts->checks();
        if ([] !== $checks) {
            $this->title('Checks');
            $this->table(['Check', 'limits', 'found', 'verdict'], [74.0, 40.0, 40.0, 24.0], $checks);
        }
    }

    /** @param \Closure(string): ?Picture $picture */
    private function pictures(\Closure $picture): void
    {
        if ([] !== $this->job->plan->build->pictures()) {
            $this->title('Pictures');
            PicturePages::draw($this->pdf, $this->job->plan, $this->reader, $picture, $this->pdf->left(), $this->pdf->wide());
        }
    }

    private function log(): void
    {
        $this->title('What was written down, in its order');
        $this->table(
            ['', 'When', 'Who', 'What was written down'], [8.0, 34.0, 34.0, 102.0], $this->facts->log($this->job->stored->log),
        );
    }

    private function foot(): void
    {
        $last = $this->job->stored->log[\count($this->job->stored->log) - 1] ?? null;
        $this->pdf->Ln(3);
        $this->pdf->face(8)->say(match (true) {
            null === $last => 'Nothing has been written down yet.',
            $this->isUnbroken => 'The chain of entries is unbroken. Last hash '.$last->hash,
            default => 'The chain of entries is broken: the log was changed outside Berm.',
        }, 4);
        if ($this->pdf->hasBoxes()) {
            $this->pdf->say(
                'A letter that this paper has no form for stands as '.Paper::BOX.': the record on the screen and its JSON file show it.', 4,
            );
        }
        $this->pdf->say('Berm computes and records. It never overrules the leaflet in the box, local rules or a licensed person.', 4);
    }

    /** In the outline, too. */
    private function title(string $title): void
    {
        $this->pdf->Ln(3);
        $this->pdf->needs(24);
        $this->pdf->Bookmark($title);
        $this->pdf->face(11, 'B')->say($title, 6);
    }

    /**
     * @param list<string>       $head
     * @param list<float>        $widths of a sheet of A4, in mm: on another the last has the rest
     * @param list<list<string>> $rows
     */
    private function table(array $head, array $widths, array $rows): void
    {
        $but = \array_slice($widths, 0, -1);
        $columns = new Columns($this->pdf, $head, [...$but, $this->pdf->wide() - array_sum($but)], array_fill(0, \count($head), 8.0), 5.0);
        $columns->head();
        foreach ($rows as $row) {
            $columns->row($row);
        }
    }
}
