<?php

declare(strict_types=1);

namespace App\Paper;

use Berm\Core\Cable\End;
use Berm\Core\Card\Card;
use Berm\Core\Card\Strip;
use Berm\Core\Card\StripMark;
use Berm\Core\Card\StripPiece;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Sentence;

/**
 * The strip at true size: pieces to cut out and to glue, three on a sheet, and a line on every sheet that tells whether a printer scaled
 * it.
 */
final class TemplatePdf
{
    private const TALL = 46.0;
    /** What a piece overlaps the next by, to be glued. */
    private const TAB = 12.0;
    private const APART = 8.0;

    private float $y = 0.0;

    private function __construct(private readonly Paper $paper, private readonly Occasion $of, private readonly int $plain)
    {
    }

    public static function of(Occasion $of, Asked $asked): string
    {
        $name = $of->plan->job->name;
        $paper = Paper::across($asked->paper, "$name: strip at true size")->withFoot("Berm · $name · strip at true size");
        $template = new self($paper, $of, $asked->plain);
        foreach (null === $asked->end ? $of->plan->job->function->ends() : [$asked->end] as $end) {
            foreach (self::cores($of->plan, $end) as $cores) {
                $template->strip($end, $cores);
            }
        }
        if (null === $of->plan->markOut) {
            $template->sheet(Card::of($of->plan, End::A)->stop());
        }

        return $paper->printed();
    }

    /** @return list<non-empty-list<int>> cores whose marks are the same, together */
    private static function cores(Plan $plan, End $end): array
    {
        $alike = [];
        foreach (range(1, $plan->markOut?->cores() ?? 1) as $core) {
            $marks = array_map(static fn (Mark $mark): int => $mark->at->nanometres, $plan->markOut?->marksOf($end, $core) ?? []);
            $alike[serialize($marks)][] = $core;
        }

        return array_values($alike);
    }

    /** @param non-empty-list<int> $cores */
    private function strip(End $end, array $cores): void
    {
        if (null === $this->of->plan->markOut) {
            return;
        }
        $longest = Length::ofMillimetres((int) floor($this->paper->wide() - self::TAB - 1));
        $plain = 0 === $this->plain ? null : Length::ofMillimetres($this->plain);
        $strip = Strip::of($this->of->plan, $end, $cores[0], $this->of->reader->unit, $longest, $plain);
        $all = \count($strip->pieces);
        $whose = "end $end->value".(1 < ($this->of->plan->markOut->cores()) ? ', core '.implode(', ', $cores) : '');
        $this->sheet(Card::of($this->of->plan, $end)->stop());
        foreach ($strip->pieces as $i => $piece) {
            if ($this->y + self::TALL > $this->paper->lowest()) {
                $this->sheet(Card::of($this->of->plan, $end)->stop());
            }
            $isLast = $i === $all - 1;
            $this->piece($piece, ucfirst($whose).', piece '.($i + 1)." of $all", !$isLast && $strip->pieces[$i + 1]->isGlued);
        }
    }

    /** A new one, with the line that is measured before anything is cut by it. */
    private function sheet(?Sentence $stop): void
    {
        $this->paper->AddPage();
        $this->of->head($this->paper, 'Strip at true size: lay its end at the end of the cut conductor, or wrap it round at a line', $stop);
        $isInch = LengthUnit::Inch === $this->of->reader->unit;
        $long = $isInch ? 101.6 : 100.0;
        $y = $this->paper->GetY() + 4;
        $left = $this->paper->left();
        $this->paper->setLineStyle(['width' => 0.2, 'dash' => 0, 'color' => [29, 33, 28]]);
        $this->paper->Line($left, $y, $left + $long, $y);
        $this->paper->Line($left, $y - 2, $left, $y + 2);
        $this->paper->Line($left + $long, $y - 2, $left + $long, $y + 2);
        $this->paper->face(9, 'B')->say(
            'Measure this line first: it is '.($isInch ? '4 in'
                : '100 mm').' long. If it is not, the printer has scaled the sheet: print it '
                .'at 100 %, or do not cut by it.', 4.2, $left + $long + 4, $this->paper->wide() - $long - 4,
        );
        $this->y = max($y + 4, $this->paper->GetY() + 2);
    }

    private function piece(StripPiece $piece, string $name, bool $hasTab): void
    {
        $left = $this->paper->left();
        $long = $piece->length()->inMillimetres();
        $this->paper->setLineStyle(['width' => 0.15, 'dash' => 0, 'color' => [29, 33, 28]]);
        $this->paper->Rect($left, $this->y, $long, self::TALL - self::APART);
        if ($hasTab) {
            $this->tab($left + $long);
        }
        if ($piece->isGlued) {
            $this->register($left);
        }
        $at = array_map(static fn (StripMark $mark): float => $left + $mark->at->minus($piece->from)->inMillimetres(), $piece->marks);
        foreach ($piece->marks as $i => $mark) {
            $this->mark($mark, $at[$i], $at[$i - 1] ?? $left, $at[$i + 1] ?? $left + $long);
        }
        $this->paper->setY($this->y + self::TALL - self::APART + 0.8);
        $this->paper->face(7)->say($name.$this->said($piece), 3.2);
        $this->y += self::TALL;
    }

    private function said(StripPiece $piece): string
    {
        return match (true) {
            $piece->isGlued => ': glue it on the tab of the one before, cross on cross.',
            null !== $piece->leftOut => ": {$this->of->reader->mark($piece->leftOut)} are left out before it: measure from edge to edge.",
            default => '.',
        };
    }

    /** The next piece is glued over it, its cross on this one. */
    private function tab(float $x): void
    {
        $this->paper->setLineStyle(['width' => 0.15, 'dash' => '2,1', 'color' => [29, 33, 28]]);
        $this->paper->Rect($x, $this->y, self::TAB - 1, self::TALL - self::APART);
        $this->register($x);
    }

    private function register(float $x): void
    {
        $this->paper->setLineStyle(['width' => 0.15, 'dash' => 0, 'color' => [29, 33, 28]]);
        $y = $this->y + self::TALL - self::APART - 4;
        $this->paper->Line($x - 2, $y, $x + 2, $y);
        $this->paper->Line($x, $y - 2, $x, $y + 2);
    }

    /**
     * Its line, and along it what is cut there: on the side where there is more room.
     *
     * @param float $before and
     * @param float $after  where the next lines are, on the paper
     */
    private function mark(StripMark $mark, float $x, float $before, float $after): void
    {
        $bottom = $this->y + self::TALL - self::APART;
        $this->paper->setLineStyle(['width' => 0.25, 'dash' => 0, 'color' => [29, 33, 28]]);
        $this->paper->Line($x, $this->y, $x, $bottom);
        $room = max($after - $x, $x - $before);
        [$first, $second] = $this->texts($mark);
        $isNarrow = $room < 9.0;
        $lines = $isNarrow ? [trim("$first $second")] : [$first, $second];
        $tall = $isNarrow ? 3.2 : 4.0;
        $from = $after - $x >= $x - $before ? $x + 0.5 : $x - 0.5 - $tall * \count($lines);
        foreach ($lines as $i => $line) {
            $this->paper->StartTransform();
            $this->paper->Rotate(90, $from + $i * $tall, $bottom - 1.5);
            $this->paper->face($isNarrow ? 6.5 : 9.5, 0 === $i ? 'B' : '');
            $this->paper->MultiCell(
                self::TALL - self::APART - 3, $tall, $line, 0, 'L', false, 1, $from + $i * $tall, $bottom - 1.5, maxh: $tall, fitcell: true,
            );
            $this->paper->StopTransform();
        }
    }

    /** @return array{string, string} */
    private function texts(StripMark $mark): array
    {
        $reader = $this->of->reader;

        return null === $mark->mark ? ['End of the', 'cut conductor'] : [
            $mark->mark->order.' '.ucfirst($reader->word($mark->mark->place->cut->layer()->label())), "$mark->said {$reader->unit->value}",
        ];
    }
}
