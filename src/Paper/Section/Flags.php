<?php

declare(strict_types=1);

namespace App\Paper\Section;

use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Reader;

/**
 * Names over the drawing, each beginning at its own leader. Rows are given from right to left: one above the highest among the flags that
 * a text reaches over, so that no leader meets a text.
 */
final readonly class Flags
{
    /** @param list<array{DescribedBody, string, float, int}> $flags with its text, where its leader is, and its row from 0 */
    private function __construct(public array $flags, public int $rows)
    {
    }

    /** @param \Closure(string): float $widthOf a text, in mm of paper */
    public static function of(DescribedLane $lane, PaperAxis $axis, Reader $reader, float $right, \Closure $widthOf): self
    {
        $anchored = [];
        foreach (array_reverse($lane->bodies) as $body) {
            $text = $body->name.(null === $body->long ? '' : ' '.$reader->mark(Length::ofNanometres((int) round($body->long * 1e6))));
            if ($body->isItem && !isset($anchored[$body->name])) {
                $at = $axis->x($body->from() + ($body->to() - $body->from()) / 3);
                $anchored[$body->name] = [$body, $text, min($at, $right - $widthOf($text) - 1.5)];
            }
        }
        usort($anchored, static fn (array $one, array $other): int => $other[2] <=> $one[2]);
        $flags = [];
        foreach ($anchored as [$body, $text, $x]) {
            $reaches = $x + $widthOf($text) + 1.5;
            $over = array_filter($flags, static fn (array $one): bool => $one[2] <= $reaches);
            $flags[] = [$body, $text, $x, [] === $over ? 0 : 1 + max(array_column($over, 3))];
        }

        return new self($flags, [] === $flags ? 0 : 1 + max(array_column($flags, 3)));
    }

    /** @param float $bottom of the lowest row */
    public function draw(\TCPDF $pdf, float $bottom, float $row, BodyPencil $pencil): void
    {
        $pdf->setLineStyle(['width' => 0.15, 'dash' => 0, 'color' => [29, 33, 28]]);
        foreach ($this->flags as [$body, $text, $x, $at]) {
            $top = $bottom - $row * ($at + 1);
            $pdf->Line($x, $top + 0.4, $x, $pencil->outsideAt($body, $x) + 0.6);
            $pdf->Text($x + 0.2, $top, $text);
        }
    }
}
