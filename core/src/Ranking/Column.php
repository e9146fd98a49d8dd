<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Quantity\Range;

/** What each row takes of one length, in whole nanometres; a side that is open is as far away as no cable is thick. */
final readonly class Column
{
    /** A kilometre in nanometres. */
    public const OPEN = 1_000_000_000_000;

    /**
     * @param list<int> $least
     * @param list<int> $most
     */
    private function __construct(public array $least, public array $most)
    {
    }

    /** @param int $rows how many there are */
    public static function open(int $rows): self
    {
        return new self(0 === $rows ? [] : array_fill(0, $rows, -self::OPEN), 0 === $rows ? [] : array_fill(0, $rows, self::OPEN));
    }

    /** @param list<array{int, Range}> $ranges rows and what narrows them; of several for one row the tightest counts */
    public function narrowedBy(array $ranges): self
    {
        [$least, $most] = [$this->least, $this->most];
        foreach ($ranges as [$row, $range]) {
            $least[$row] = max($least[$row], $range->min->nanometres ?? -self::OPEN);
            $most[$row] = min($most[$row], $range->max->nanometres ?? self::OPEN);
        }

        return new self(array_values($least), array_values($most));
    }

    /** How far inside one row's limits a length lies; below zero by how much it lies outside. */
    public function margin(int $row, int $nanometres): int
    {
        return min($nanometres - $this->least[$row], $this->most[$row] - $nanometres);
    }
}
