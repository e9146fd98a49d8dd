<?php

declare(strict_types=1);

namespace App\Paper\Section;

use App\Paper\Paper;
use Berm\Core\Job\Plan;
use Berm\Core\Saying\Reader;
use Berm\Core\Wire\SectionJson;

/**
 * The section on paper, from the same description that the page draws: bodies lying on what is beneath, a lane for the cable where it has
 * three cores, and one for each core that lies otherwise, both scales stated. As found where it was measured.
 */
final class SectionDrawing
{
    /** Of the bodies of one lane, in mm of paper. */
    private const TALL = 26.0;
    private const ROW = 3.6;
    private const TAPE = 12.0;

    /** @param float $left and $width in mm on the page */
    public static function draw(Paper $pdf, Plan $plan, Reader $reader, float $left, float $width): void
    {
        $section = SectionJson::of($plan);
        if (null === $section) {
            return;
        }
        $described = DescribedSection::of($section);
        $pdf->setFont(Paper::FONT, '', 7);
        $axis = new PaperAxis($left, $width / ($described->to - $described->from), $described->from);
        foreach ($described->lanes() as $lane) {
            $flags = Flags::of($lane, $axis, $reader, $left + $width, static fn (string $text): float => self::widthOf($pdf, $text));
            $tall = self::ROW * ($flags->rows + ('' === $lane->name ? 0 : 1)) + 2 + self::TALL;
            if ($pdf->GetY() + $tall + self::TAPE > $pdf->lowest()) {
                $pdf->AddPage();
            }
            $axisY = $pdf->GetY() + $tall;
            $pencil = new BodyPencil($pdf, $axis, $axisY, self::TALL / $lane->largest);
            $pencil->bodies($lane);
            $pdf->Text($left - 1, $axisY - $tall, $lane->name);
            $flags->draw($pdf, $axisY - self::TALL - 2, self::ROW, $pencil);
            $pdf->setY($axisY + 1);
        }
        self::tape($pdf, $described, $axis, $reader, $width);
        self::scales($pdf, $described, $axis);
    }

    /** Where each cut lies, and a hollow mark where it was to. */
    private static function tape(\TCPDF $pdf, DescribedSection $described, PaperAxis $axis, Reader $reader, float $width): void
    {
        $y = $pdf->GetY();
        $pdf->setLineStyle(['width' => 0.3, 'dash' => 0, 'color' => [29, 33, 28]]);
        $pdf->Line($axis->left, $y - 1, $axis->left + $width, $y - 1);
        $ends = [-\INF, -\INF];
        foreach ($described->cuts as $cut) {
            $x = $axis->x($cut->at);
            $isFound = 'planned' !== $cut->standing;
            $pdf->Polygon([$x, $y, $x + 1.2, $y + 2, $x - 1.2, $y + 2], $isFound ? 'DF' : 'D', [], [29, 33, 28]);
            if (null !== $cut->planned) {
                $was = $axis->x($cut->planned);
                $pdf->Polygon([$was, $y, $was + 1.2, $y + 2, $was - 1.2, $y + 2], 'D');
            }
            $text = str_replace([' mm', ' in'], '', $reader->mark($cut->fromEnd));
            $half = self::widthOf($pdf, $text) / 2;
            $row = $ends[0] <= $x - $half ? 0 : 1;
            if ($ends[$row] <= $x - $half) {
                $ends[$row] = $x + $half + 1;
                $pdf->Text($x - $half - 1, $y + 2 + 3 * $row, $text);
            }
        }
        $pdf->setY($y + 8.5);
    }

    private static function scales(\TCPDF $pdf, DescribedSection $described, PaperAxis $axis): void
    {
        $across = array_map(
            static fn (DescribedLane $lane): string => \sprintf('%.1f', self::TALL / $lane->largest / $axis->perMm), $described->lanes(),
        );
        $pdf->setTextColor(96, 96, 88);
        $pdf->Cell(0, 4, \sprintf(
            'along 1 : %.1f, across %s times that; marks from the end of the conductor', 1 / $axis->perMm, implode(' and ', $across),
        ), 0, 1);
        $pdf->setTextColor(29, 33, 28);
    }

    private static function widthOf(\TCPDF $pdf, string $text): float
    {
        return $pdf->GetStringWidth($text);
    }
}
