<?php

declare(strict_types=1);

namespace App\Http\Record;

use App\UseCase\Picture;
use App\UseCase\PlannedJob;
use Berm\Core\Saying\Reader;

/** The record on A4: facts, the section as cut, every cut with its verdict, and the log with its last hash. */
final readonly class RecordPdf
{
    private const MARGIN = 16.0;
    private const WIDTH = 178.0;

    /** @param list<string> $unchecked names of cables and connectors that only their writer has looked at */
    private function __construct(
        private Paper $pdf, private PlannedJob $job, private Reader $reader, private bool $isUnbroken, private array $unchecked,
    ) {
    }

    /**
     * @param list<string>               $unchecked names of cables and connectors that only their writer has looked at
     * @param \Closure(string): ?Picture $picture   by its hash; null where it is not here
     */
    public static function of(PlannedJob $job, Reader $reader, bool $isUnbroken, array $unchecked, \Closure $picture): string
    {
        $pdf = Paper::a4();
        $pdf->setCreator('Berm');
        $pdf->setTitle($job->stored->name);
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setMargins(self::MARGIN, 14, self::MARGIN);
        $pdf->setAutoPageBreak(true, 16);
        $pdf->AddPage();
        $record = new self($pdf, $job, $reader, $isUnbroken, $unchecked);
        $record->head();
        $record->facts();
        $record->obstacles();
        $record->section();
        $record->cuts();
        PicturePages::draw($pdf, $job->plan, $reader, $picture, self::MARGIN, self::WIDTH);
        $record->log();
        $record->foot();

        return $pdf->Output('', 'S');
    }

    private function head(): void
    {
        $this->font(18, 'B');
        $this->pdf->Cell(0, 9, $this->job->stored->name, 0, 1);
        $this->font(10);
        $this->pdf->Cell(
            0,
            6,
            'Record of a '.$this->reader->word($this->job->stored->function->label()).'. '.$this->reader->say(
                $this->job->plan->completion()->sentence(),
            ),
            0,
            1,
        );
        $this->rule(0.5);
    }

    private function facts(): void
    {
        foreach ((new RecordFacts($this->job->plan, $this->reader))->rows() as [$name, $value]) {
            $this->font(9);
            $top = $this->pdf->GetY();
            $this->pdf->setTextColor(95, 98, 87);
            $this->pdf->MultiCell(30, 5, $name, 0, 'L', false, 0);
            $this->pdf->setTextColor(29, 33, 28);
            $this->pdf->MultiCell(self::WIDTH - 30, 5, $value, 0, 'L', false, 1, self::MARGIN + 30, $top);
            $this->rule(0.1);
        }
    }

    /** What only its writer has looked at, and what stands in the way, in the words that the page and the gates use. */
    private function obstacles(): void
    {
        foreach ($this->unchecked as $sheet) {
            $this->font(9, 'B');
            $this->pdf->MultiCell(0, 5, "$sheet: not checked by a second person.", 0, 'L');
        }
        foreach ($this->job->plan->obstacles as $obstacle) {
            $this->font(9, 'B');
            $this->pdf->MultiCell(0, 5, $this->reader->say($obstacle->reason), 0, 'L');
        }
    }

    private function section(): void
    {
        if (null !== $this->job->plan->section) {
            $this->pdf->Ln(3);
            SectionDrawing::draw($this->pdf, $this->job->plan, $this->reader, self::MARGIN, self::WIDTH);
        }
    }

    private function cuts(): void
    {
        $this->table(
            ['', 'Cut', 'mark', 'window', 'measured', 'by', 'verdict'],
            [12.0, 42.0, 24.0, 36.0, 24.0, 20.0, 20.0],
            (new RecordFacts($this->job->plan, $this->reader))->cuts(),
        );
    }

    private function log(): void
    {
        $this->pdf->Ln(4);
        $this->table(
            ['', 'When', 'Who', 'What was written down'],
            [8.0, 34.0, 34.0, 102.0],
            (new RecordFacts($this->job->plan, $this->reader))->log($this->job->stored->log),
        );
    }

    private function foot(): void
    {
        $last = $this->job->stored->log[\count($this->job->stored->log) - 1] ?? null;
        $this->font(8);
        $this->pdf->Ln(3);
        $chain = match (true) {
            null === $last => 'Nothing has been written down yet.',
            $this->isUnbroken => 'The chain of entries is unbroken. Last hash '.$last->hash,
            default => 'The chain of entries is broken: the log was changed outside Berm.',
        };
        $this->pdf->MultiCell(0, 4, $chain, 0, 'L');
        if ($this->pdf->hasBoxes()) {
            $this->pdf->MultiCell(
                0, 4,
                'A letter that this paper has no form for stands as '.Paper::BOX.': the record on the screen and its JSON file show it.', 0, 'L',
            );
        }
        $this->pdf->MultiCell(
            0, 4, 'Berm computes and records. It never overrules the leaflet in the box, local rules or a licensed person.', 0, 'L',
        );
    }

    /**
     * @param list<string>       $head
     * @param list<float>        $widths in mm
     * @param list<list<string>> $rows
     */
    private function table(array $head, array $widths, array $rows): void
    {
        $this->font(8, 'B');
        foreach ($head as $i => $title) {
            $this->pdf->Cell($widths[$i], 6, $title, 'B');
        }
        $this->pdf->Ln();
        $this->font(8);
        foreach ($rows as $row) {
            $lines = max(
                1, ...array_map(fn (string $cell, float $width): int => (int) $this->pdf->getNumLines($cell, $width), $row, $widths),
            );
            if ($this->pdf->GetY() + 4.4 * $lines > 280) {
                $this->pdf->AddPage();
            }
            foreach ($row as $i => $cell) {
                $this->pdf->MultiCell($widths[$i], 4.4 * $lines, $cell, 'B', 'L', false, 0);
            }
            $this->pdf->Ln();
        }
    }

    private function font(float $size, string $style = ''): void
    {
        $this->pdf->setFont(Paper::FONT, $style, $size);
    }

    private function rule(float $width): void
    {
        $y = $this->pdf->GetY() + 0.8;
        $this->pdf->setLineWidth($width);
        $this->pdf->Line(self::MARGIN, $y, self::MARGIN + self::WIDTH, $y);
        $this->pdf->setLineWidth(0.1);
        $this->pdf->setY($y + 1);
    }
}
