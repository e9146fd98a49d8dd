<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Fit\Outcome;

/** Holds the connectors that take the conductors against kit sizes. A connector's figures are its maker's and taken as exact. */
final readonly class Pairing
{
    /**
     * @var list<array{int, int, int, int|null, int, int}> row, diameter, length, pad, strictness and margin of each connector that is not
     *                                                     refused
     */
    private array $candidates;

    /** @param array<string, Column> $columns of the kit sizes */
    public function __construct(private array $columns, ConnectorTable $connectors, Standings $standings)
    {
        $candidates = [];
        for ($row = 0, $count = $connectors->count(); $row < $count; ++$row) {
            if (Outcome::DoesNotFit !== $standings->outcome($row)) {
                $candidates[] = [
                    $row,
                    $connectors->diameters[$row],
                    $connectors->lengths[$row],
                    $connectors->pads[$row],
                    $standings->strictness($row),
                    $standings->margin($row),
                ];
            }
        }
        $this->candidates = $candidates;
    }

    /** @param int $margin of the kit on the cables, in nanometres */
    public function best(int $row, int $strictness, int $margin): Pair
    {
        [$diameters, $lengths, $passes] = [
            $this->columns[Need::CONNECTOR_DIAMETER], $this->columns[Need::CONNECTOR_LENGTH], $this->columns[Need::PASSES_CONNECTOR],
        ];
        [$thin, $thick, $short, $long] = [
            $diameters->least[$row], min($diameters->most[$row], $passes->most[$row]), $lengths->least[$row], $lengths->most[$row],
        ];
        $wide = $this->columns[Need::PASSES_PAD]->most[$row];
        [$best, $bestStrictness, $bestMargin, $goes] = [null, 0, 0, 0];
        foreach ($this->candidates as [$connector, $diameter, $length, $pad, $own, $spare]) {
            if ($diameter < $thin || $diameter > $thick || $length < $short || $length > $long || $pad > $wide) {
                continue;
            }
            ++$goes;
            $least = min(
                $margin,
                $spare,
                $diameter - $thin,
                $thick - $diameter,
                $length - $short,
                $long - $length,
                null === $pad ? $margin : $wide - $pad,
            );
            if (null === $best || $own < $bestStrictness || $own === $bestStrictness && $least > $bestMargin) {
                [$best, $bestStrictness, $bestMargin] = [$connector, $own, $least];
            }
        }

        return new Pair($best, max($strictness, $bestStrictness), null === $best ? $margin : $bestMargin, $goes);
    }
}
