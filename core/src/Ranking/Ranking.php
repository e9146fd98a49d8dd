<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Cable\End;
use Berm\Core\Conductor\SizeRange;
use Berm\Core\Connector\Barrels;
use Berm\Core\Fit\BarrelFit;
use Berm\Core\Fit\ConductorFit;
use Berm\Core\Fit\ConnectorKinds;
use Berm\Core\Fit\Criterion;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\KitKinds;
use Berm\Core\Fit\Outcome;

/**
 * Thousands of kit sizes and hundreds of connectors put in order for one job: by outcome, then by how many diameters of the cable type lie
 * outside, how little is against each, the world of units, and the thinnest margin. A kit that no connector goes with stands behind its
 * equals.
 */
final class Ranking
{
    public static function kits(Enquiry $enquiry, KitTable $kits, ConnectorTable $connectors): Ranked
    {
        $columns = $kits->columnsFor($enquiry->values());
        $standings = self::standingsOfKits($enquiry, $kits, $columns);
        $pairing = new Pairing($columns, $connectors, self::standingsOfConnectors($enquiry, $connectors));
        $homes = self::homes($enquiry, $kits->conductors[End::A->value]);
        $keys = $pairs = [];
        for ($row = 0, $count = $kits->count(); $row < $count; ++$row) {
            $strictness = $standings->strictness($row);
            if (Outcome::DoesNotFit->strictness() === $strictness) {
                $keys[] = self::key($strictness, false, 0, $standings, $row, 0, $homes[$row], $standings->margin($row));
                continue;
            }
            $pair = $pairs[$row] = $pairing->best($row, $strictness, $standings->margin($row));
            $keys[] = self::key($strictness, 0 === $pair->goes, $pair->strictness, $standings, $row, 0, $homes[$row], $pair->margin);
        }
        asort($keys);

        return new Ranked(array_keys($keys), \count($pairs), $pairs);
    }

    /** @param int|null $row of the kit size that is chosen; null: judged by the conductors alone */
    public static function connectors(Enquiry $enquiry, ConnectorTable $connectors, ?KitTable $kits, ?int $row): Ranked
    {
        $standings = self::standingsOfConnectors($enquiry, $connectors);
        $columns = $kits?->columnsFor($enquiry->values()) ?? [];
        $homes = self::homes($enquiry, $connectors->conductors);
        $keys = [];
        $possible = 0;
        for ($i = 0, $count = $connectors->count(); $i < $count; ++$i) {
            $inKit = null === $row ? [] : self::inKit(
                $columns, $row, $connectors->diameters[$i], $connectors->lengths[$i], $connectors->pads[$i],
            );
            $outside = \count(array_filter($inKit, static fn (int $margin): bool => $margin < 0));
            $strictness = $outside > 0 ? Outcome::DoesNotFit->strictness() : $standings->strictness($i);
            $possible += Outcome::DoesNotFit->strictness() === $strictness ? 0 : 1;
            $keys[] = self::key($strictness, false, 0, $standings, $i, $outside, $homes[$i], min([$standings->margin($i), ...$inKit]));
        }
        asort($keys);

        return new Ranked(array_keys($keys), $possible, []);
    }

    /** @param array<string, Column> $columns */
    private static function standingsOfKits(Enquiry $enquiry, KitTable $kits, array $columns): Standings
    {
        $standings = new Standings($kits->count());
        $standings->take(
            $kits->kinds,
            static fn (KitKinds $kinds): FitReport => FitReport::of(...$kinds->judge(
                $enquiry->function, $enquiry->cables, $enquiry->site, '',
            )),
        );
        foreach ($enquiry->cables as $cable) {
            $standings->take(
                $kits->conductors[$cable->end->value],
                static fn (SizeRange $takes): FitReport => FitReport::of(ConductorFit::judge(Criterion::ConductorSize, $cable, $takes)),
            );
        }
        foreach ($kits->questions as $key => $question) {
            foreach ($enquiry->cables as $cable) {
                $known = $cable->end === $question->end ? Known::of($cable, $question) : null;
                if (null !== $known) {
                    $standings->hold($question, $columns[$key], $known);
                }
            }
        }

        return $standings;
    }

    private static function standingsOfConnectors(Enquiry $enquiry, ConnectorTable $connectors): Standings
    {
        $standings = new Standings($connectors->count());
        $standings->take(
            $connectors->kinds,
            static fn (ConnectorKinds $kinds): FitReport => FitReport::of(...$kinds->judge($enquiry->function, $enquiry->cables)),
        );
        $standings->take(
            $connectors->barrels,
            static fn (Barrels $barrels): FitReport => FitReport::of(...BarrelFit::judge(
                $barrels->turnedTo($enquiry->cables), $enquiry->cables,
            )),
        );
        foreach ($enquiry->cables as $cable) {
            $bore = Question::bore($cable->end);
            $known = Known::of($cable, $bore);
            if (null !== $known) {
                $standings->hold($bore, $connectors->bores($enquiry->cables, $cable->end), $known);
            }
        }

        return $standings;
    }

    /**
     * @param array<string, Column> $columns of the kit sizes
     *
     * @return list<int> the margins of a connector in one of them
     */
    private static function inKit(array $columns, int $row, int $diameter, int $length, ?int $pad): array
    {
        return [
            $columns[Need::CONNECTOR_DIAMETER]->margin($row, $diameter),
            $columns[Need::PASSES_CONNECTOR]->margin($row, $diameter),
            $columns[Need::CONNECTOR_LENGTH]->margin($row, $length),
            ...(null === $pad ? [] : [$columns[Need::PASSES_PAD]->margin($row, $pad)]),
        ];
    }

    /**
     * @param Index<SizeRange> $conductors that the rows take
     *
     * @return list<bool> by row: sized in the world of the job
     */
    private static function homes(Enquiry $enquiry, Index $conductors): array
    {
        $homes = array_map($enquiry->isAtHome(...), $conductors->different);

        return array_map(static fn (int $which): bool => $homes[$which], $conductors->which);
    }

    /**
     * All that decides the order, the best lowest, in one whole number: outcome, whether no connector goes with it, outcome with the
     * connector, how many nominal diameters lie outside, how much is against it or open, whether it is of the other world of units, margin.
     *
     * @param int $more what is against the row besides its standing
     */
    private static function key(
        int $strictness, bool $isAlone, int $together, Standings $standings, int $row, int $more, bool $isHome, int $margin,
    ): int {
        $spare = $margin > Column::OPEN >> 1 ? 0 : max($margin, -Column::OPEN);
        $kind = ($strictness << 1 | (int) $isAlone) << 2 | $together;
        $doubts = $kind << 4 | min($standings->unlikely($row), 15);

        return (($doubts << 7 | min($standings->obstacles($row) + $more, 127)) << 1 | (int) !$isHome) << 41 | (Column::OPEN - $spare);
    }
}
