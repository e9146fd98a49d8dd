<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\Outcome;

/**
 * How every row stands, gathered criterion by criterion: the numbers of a FitReport without its sentences, for thousands at once. What is
 * said of a row is then said by its FitReport.
 */
final class Standings
{
    private const OUT = 3;
    private const OPEN = 2;
    private const UNPROVED = 1;

    /** @var array<int, int> strictness of the outcome, as Outcome has it */
    private array $outcomes;

    /** @var array<int, int> a bit for each criterion of figures that is against it */
    private array $bits;

    /** @var array<int, int> a bit for each that waits for a diameter which the cable type has outside the limits */
    private array $unlikely;

    /** @var array<int, int> how many other criteria are against it */
    private array $against;

    /** @var array<int, int> nanometres; the thinnest margin */
    private array $margins;

    /** @var array<string, int> by criterion and end */
    private array $bitOf = [];

    public function __construct(int $rows)
    {
        $this->outcomes = $this->bits = $this->unlikely = $this->against = 0 === $rows ? [] : array_fill(0, $rows, 0);
        $this->margins = 0 === $rows ? [] : array_fill(0, $rows, \PHP_INT_MAX);
    }

    /**
     * Holds what many rows have alike against a job, once for each different one.
     *
     * @template T of object
     *
     * @param Index<T>               $index
     * @param callable(T): FitReport $judge
     */
    public function take(Index $index, callable $judge): void
    {
        $reports = array_map($judge, $index->different);
        $strictness = array_map(static fn (FitReport $report): int => $report->outcome()->strictness(), $reports);
        $obstacles = array_map(static fn (FitReport $report): int => $report->obstacles(), $reports);
        foreach ($index->which as $row => $which) {
            if (0 !== $strictness[$which]) {
                $this->outcomes[$row] = max($this->outcomes[$row], $strictness[$which]);
                $this->against[$row] += $obstacles[$which];
            }
        }
    }

    /** Holds a diameter against a column, by the rule of Judgement and DiameterFit. */
    public function hold(Question $question, Column $column, Known $known): void
    {
        $of = "{$question->criterion->value} {$question->end->value}";
        $bit = $this->bitOf[$of] ??= 1 << \count($this->bitOf);
        $known->isMeasured ? $this->measured($column, $known, $bit) : $this->expected($column, $known, $bit);
    }

    /** The outcome of a row. */
    public function outcome(int $row): Outcome
    {
        return Outcome::cases()[$this->outcomes[$row]];
    }

    public function strictness(int $row): int
    {
        return $this->outcomes[$row];
    }

    public function obstacles(int $row): int
    {
        return $this->against[$row] + substr_count(decbin($this->bits[$row]), '1');
    }

    public function unlikely(int $row): int
    {
        return substr_count(decbin($this->unlikely[$row]), '1');
    }

    /** In nanometres; far off where nothing was measured against a limit. */
    public function margin(int $row): int
    {
        return $this->margins[$row];
    }

    private function measured(Column $column, Known $known, int $bit): void
    {
        [$value, $uncertainty, $otherwise, $most] = [$known->least, $known->uncertainty, $known->otherwise, $column->most];
        // In a local variable: half the time of going through the property, a hundred thousand times over.
        $margins = $this->margins;
        $this->margins = [];
        foreach ($column->least as $row => $least) {
            $margin = $value - $least;
            $above = $most[$row] - $value;
            if ($above < $margin) {
                $margin = $above;
            }
            if ($margin < 0 && null !== $otherwise) {
                $this->expect($row, $least, $most[$row], $otherwise, $bit);
                continue;
            }
            if ($margin < $margins[$row]) {
                $margins[$row] = $margin;
            }
            if ($margin < $uncertainty) {
                $this->thin($row, $margin < 0, $bit);
            }
        }
        $this->margins = $margins;
    }

    private function thin(int $row, bool $isOut, int $bit): void
    {
        $this->outcomes[$row] = max($this->outcomes[$row], $isOut ? self::OUT : self::UNPROVED);
        $this->bits[$row] |= $isOut ? $bit : 0;
    }

    private function expected(Column $column, Known $known, int $bit): void
    {
        foreach ($column->least as $row => $least) {
            $this->expect($row, $least, $column->most[$row], $known, $bit);
        }
    }

    private function expect(int $row, int $least, int $most, Known $known, int $bit): void
    {
        if (-Column::OPEN !== $least || Column::OPEN !== $most) {
            $this->outcomes[$row] = max($this->outcomes[$row], $known->greatest < $least || $known->least > $most ? self::OUT : self::OPEN);
            $this->bits[$row] |= $bit;
            $this->unlikely[$row] |= null !== $known->nominal
                && ($known->nominal < $least || $known->nominal > $most)
                && $known->greatest >= $least
                && $known->least <= $most
                ? $bit
                : 0;
        }
    }
}
