<?php

declare(strict_types=1);

namespace App\Paper;

/** A table on paper: its head is said again on each page, and no row is broken between two. */
final readonly class Columns
{
    /**
     * @param list<string> $heads
     * @param list<float>  $widths in mm
     * @param list<float>  $sizes  of the letters, in points
     */
    public function __construct(private Paper $paper, private array $heads, private array $widths, private array $sizes,
        private float $least)
    {
    }

    public function head(): void
    {
        $this->paper->face(7.5, 'B');
        foreach ($this->heads as $i => $head) {
            $this->paper->Cell($this->widths[$i], 5, $head, 'B');
        }
        $this->paper->Ln();
    }

    /** @param list<string> $cells */
    public function row(array $cells): void
    {
        $tall = $this->least;
        foreach ($cells as $i => $cell) {
            $this->paper->face($this->sizes[$i]);
            $tall = max($tall, $this->paper->getStringHeight($this->widths[$i], $cell) + 1.2);
        }
        $page = $this->paper->getPage();
        $this->paper->needs($tall);
        if ($page !== $this->paper->getPage()) {
            $this->head();
        }
        foreach ($cells as $i => $cell) {
            $this->paper->face($this->sizes[$i]);
            $this->paper->MultiCell($this->widths[$i], $tall, $cell, 'B', 'L', false, 0, maxh: $tall, valign: 'M');
        }
        $this->paper->Ln($tall);
    }
}
