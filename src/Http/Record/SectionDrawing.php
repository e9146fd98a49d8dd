<?php

declare(strict_types=1);

namespace App\Http\Record;

use Berm\Core\Job\Plan;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Reader;
use Berm\Core\Section\Interval;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Standing;

/** The half-section on paper, in TCPDF's own primitives: to scale along the axis, radii stretched. */
final class SectionDrawing
{
    private const TALLEST = 22.0;

    private function __construct(
        private readonly \TCPDF $pdf,
        private readonly float $left,
        private readonly float $perMm,
        private readonly float $fromMm,
        private readonly float $axisY,
        private readonly float $largest,
    ) {
    }

    /** @param float $left and $width in mm on the page */
    public static function draw(\TCPDF $pdf, Plan $plan, Reader $reader, float $left, float $width): void
    {
        $section = $plan->section;
        if (null === $section) {
            return;
        }
        $all = [...$section->layers, $section->connector];
        $placed = $section->items;
        $fromMm = Length::smallest(
            ...array_map(static fn (Interval $one): Length => $one->from, $all),
            ...array_map(static fn (PlacedItem $one): Length => $one->from->nominal, $placed),
        )->inMillimetres();
        $toMm = Length::largest(
            ...array_map(static fn (Interval $one): Length => $one->to, $all),
            ...array_map(static fn (PlacedItem $one): Length => $one->to->nominal, $placed),
        )->inMillimetres();
        $axisY = $pdf->GetY() + 6 + 5 * \count($placed) + self::TALLEST;
        if ($axisY > 250) {
            $pdf->AddPage();
            $axisY = $pdf->GetY() + 6 + 5 * \count($placed) + self::TALLEST;
        }
        $largest = Length::largest(...array_map(
            static fn (Interval $one): Length => $one->radius, [...$section->layers, $section->connector],
        ))->inMillimetres();
        $drawing = new self($pdf, $left, $width / ($toMm - $fromMm), $fromMm, $axisY, $largest);
        $pdf->setFont(Paper::FONT, '', 7);
        $drawing->items($placed, $reader);
        foreach ([...$section->layers, $section->connector] as $interval) {
            $drawing->block($interval);
        }
        $drawing->marks($plan, $reader);
        $pdf->setY($axisY + 12);
    }

    /** @param list<PlacedItem> $placed */
    private function items(array $placed, Reader $reader): void
    {
        $this->pdf->setLineStyle(['width' => 0.2, 'dash' => '1.2,0.8', 'color' => [43, 79, 120]]);
        $this->pdf->setTextColor(43, 79, 120);
        foreach ($placed as $level => $one) {
            $top = $this->axisY - self::TALLEST - 2 - 5 * $level;
            [$x1, $x2] = [$this->x($one->from->nominal), $this->x($one->to->nominal)];
            $this->pdf->Line($x1, $this->axisY, $x1, $top);
            $this->pdf->Line($x1, $top, $x2, $top);
            $this->pdf->Line($x2, $top, $x2, $this->axisY);
            $this->pdf->Text($x1 + 1, $top - 3.4, $one->item->name.' · '.$reader->mark($one->to->nominal->minus($one->from->nominal)));
        }
        $this->pdf->setTextColor(29, 33, 28);
    }

    private function block(Interval $interval): void
    {
        $fill = match ($interval->key()) {
            'oversheath' => [74, 77, 70],
            'metallic-screen' => [220, 180, 140],
            'insulation-screen' => [162, 164, 155],
            'insulation' => [255, 253, 248],
            'conductor' => [228, 232, 238],
            default => [201, 209, 214],
        };
        $height = self::TALLEST * $interval->radius->inMillimetres() / $this->largest;
        $line = [
            'width' => Standing::Out === $interval->standing ? 0.7 : 0.25,
            'dash' => Standing::Planned === $interval->standing ? '1,0.8' : 0,
            'color' => Standing::Out === $interval->standing ? [179, 54, 26] : [29, 33, 28],
        ];
        $this->pdf->Rect(
            $this->x($interval->from),
            $this->axisY - $height,
            $this->x($interval->to) - $this->x($interval->from),
            $height,
            'DF',
            ['all' => $line],
            $fill,
        );
    }

    private function marks(Plan $plan, Reader $reader): void
    {
        $this->pdf->setLineStyle(['width' => 0.4, 'dash' => 0, 'color' => [29, 33, 28]]);
        $this->pdf->Line($this->left, $this->axisY, $this->left + ($this->pdf->getPageWidth() - 2 * $this->left), $this->axisY);
        foreach ($plan->section->cuts ?? [] as $cut) {
            $x = $this->x($cut->onAxis);
            $this->pdf->Line($x, $this->axisY, $x, $this->axisY + 2);
            $this->pdf->setXY($x - 9, $this->axisY + 2);
            $this->pdf->Cell(18, 4, str_replace(' mm', '', $reader->mark($cut->fromEnd)), 0, 0, 'C');
        }
    }

    private function x(Length $length): float
    {
        return $this->left + ($length->inMillimetres() - $this->fromMm) * $this->perMm;
    }
}
