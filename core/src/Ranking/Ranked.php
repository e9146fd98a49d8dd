<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

/** Rows of a table, the best first. */
final readonly class Ranked
{
    /**
     * @param list<int>        $rows     of all, the best first
     * @param int              $possible how many of them are not refused: they come first
     * @param array<int, Pair> $pairs    by row, for those that are not refused: the connector that goes with it best
     */
    public function __construct(public array $rows, public int $possible, public array $pairs)
    {
    }
}
