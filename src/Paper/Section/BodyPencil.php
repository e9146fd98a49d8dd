<?php

declare(strict_types=1);

namespace App\Paper\Section;

/** Draws bodies with their patterns: by what a thing does electrically, so that a new part has its pattern before anybody draws it. */
final readonly class BodyPencil
{
    private const INK = [29, 33, 28];

    /** Between the strokes of a pattern, in mm of paper. */
    private const GRAIN = 1.6;

    public function __construct(private \TCPDF $pdf, private PaperAxis $axis, private float $axisY, private float $perRadius)
    {
    }

    public function bodies(DescribedLane $lane): void
    {
        foreach ($lane->bodies as $body) {
            $this->body($body);
        }
    }

    /** Where the outside of a body is at a place on the paper. */
    public function outsideAt(DescribedBody $body, float $x): float
    {
        foreach ($body->steps as [$from, $to, $radius]) {
            if ($this->axis->x($from) <= $x && $x <= $this->axis->x($to)) {
                return $this->y($radius);
            }
        }

        return $this->y($body->steps[0][2]);
    }

    private function body(DescribedBody $body): void
    {
        $points = $this->outline($body);
        $line = ['width' => 0.2, 'dash' => 0, 'color' => self::INK];
        $this->pdf->Polygon($points, 'DF', ['all' => $line], $this->ground($body->pattern));
        $this->pdf->StartTransform();
        $this->pdf->Polygon($points, 'CNZ');
        $this->pdf->setLineStyle(['width' => 0.12, 'dash' => 0, 'color' => self::INK]);
        $this->pattern($body);
        $this->pdf->StopTransform();
        $this->pdf->setLineStyle($line);
        $this->pdf->Polygon($points, 'D');
    }

    /** @return list<float> up at one end, along the outside, down at the other */
    private function outline(DescribedBody $body): array
    {
        $points = [$this->axis->x($body->from()), $this->axisY];
        foreach ($body->steps as [$from, $to, $radius]) {
            $points = [...$points, $this->axis->x($from), $this->y($radius), $this->axis->x($to), $this->y($radius)];
        }

        return [...$points, $this->axis->x($body->to()), $this->axisY];
    }

    private function y(float $radius): float
    {
        return $this->axisY - $radius * $this->perRadius;
    }

    /** @return array{int, int, int} */
    private function ground(string $pattern): array
    {
        return match ($pattern) {
            'oversheath', 'bedding' => [74, 77, 70],
            'metallic-screen', 'hatch' => [226, 197, 165],
            'insulation-screen', 'conductor-screen', 'dots' => [190, 191, 184],
            'insulation' => [255, 253, 248],
            'conductor' => [228, 232, 238],
            'connector', 'armour', 'lead-sheath' => [201, 209, 214],
            'crosses' => [225, 229, 214],
            'waves' => [205, 222, 214],
            'strokes' => [243, 234, 218],
            default => [250, 249, 244],
        };
    }

    private function pattern(DescribedBody $body): void
    {
        [$left, $right] = [$this->axis->x($body->from()), $this->axis->x($body->to())];
        $top = $this->y(max(array_column($body->steps, 2)));
        match ($body->pattern) {
            'hatch', 'connector' => $this->slanted($left, $right, $top, self::GRAIN),
            'strokes' => $this->slanted($left, $right, $top, 5 * self::GRAIN),
            'dots', 'insulation-screen', 'crosses' => $this->dotted($left, $right, $top, 'crosses' === $body->pattern),
            'conductor' => $this->lined($left, $right, $top),
            'waves' => $this->waved($left, $right, $top),
            default => null,
        };
    }

    private function slanted(float $left, float $right, float $top, float $apart): void
    {
        $tall = $this->axisY - $top;
        for ($x = $left - $tall; $x < $right; $x += $apart) {
            $this->pdf->Line($x, $this->axisY, $x + $tall, $top);
        }
    }

    private function lined(float $left, float $right, float $top): void
    {
        for ($y = $this->axisY - 1; $y > $top; $y -= 1.0) {
            $this->pdf->Line($left, $y, $right, $y);
        }
    }

    private function dotted(float $left, float $right, float $top, bool $isCrossed): void
    {
        for ($row = 0, $y = $top + 0.5; $y < $this->axisY; $y += 0.9, ++$row) {
            for ($x = $left + ($row % 2) * self::GRAIN / 2; $x < $right; $x += self::GRAIN) {
                $this->pdf->Line($x - 0.15, $y, $x + 0.15, $y);
                if ($isCrossed) {
                    $this->pdf->Line($x, $y - 0.25, $x, $y + 0.25);
                }
            }
        }
    }

    private function waved(float $left, float $right, float $top): void
    {
        for ($y = $top + 0.5; $y < $this->axisY; $y += 1.0) {
            $points = [];
            for ($step = 0, $x = $left; $x <= $right + 0.6; $x += 0.6, ++$step) {
                array_push($points, $x, $y + (0 === $step % 2 ? 0.2 : -0.2));
            }
            if (\count($points) >= 4) {
                $this->pdf->PolyLine($points);
            }
        }
    }
}
