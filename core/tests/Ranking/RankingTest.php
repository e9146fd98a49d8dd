<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Ranking;

use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Fit\ConnectorFit;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\KitFit;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Ranking\ConnectorTable;
use Berm\Core\Ranking\Enquiry;
use Berm\Core\Ranking\KitTable;
use Berm\Core\Ranking\Ranking;
use Berm\Core\Saying\Reader;
use Berm\Core\Site\Place;
use Berm\Core\Site\Site;
use Berm\Core\Site\Weather;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The ranking works with columns of numbers; what it finds must be what the reports say, size by size. */
final class RankingTest extends TestCase
{
    /**
     * @return iterable<string, array{AccessoryFunction, array<string, string>, array<string, string>|null, Place|null}> cables; readings in
     *                                                                                                                   mm that replace the nominal ones, null: nothing is measured
     */
    public static function jobs(): iterable
    {
        $alike = static fn (string $cable): array => ['A' => $cable, 'B' => $cable];
        yield 'one core, tape' => [AccessoryFunction::Joint, $alike('iec-1x95-al-12'), [], Place::Buried];
        yield 'no place said' => [AccessoryFunction::Joint, $alike('iec-1x95-al-12'), [], null];
        yield 'not measured' => [AccessoryFunction::Joint, $alike('iec-1x95-al-12'), null, Place::Buried];
        yield 'on the edge of a size' => [AccessoryFunction::Joint, $alike('iec-1x95-al-12'), ['insulation' => '17.98'], Place::Buried];
        // 18.05 mm against a least of 18 mm by a caliper of 0.05 mm: just proved, since the margin is as large as the uncertainty.
        yield 'proved by a hair' => [AccessoryFunction::Joint, $alike('iec-1x95-al-12'), ['insulation' => '18.05'], Place::Buried];
        yield 'at the limit' => [AccessoryFunction::Joint, $alike('iec-1x95-al-12'), ['insulation' => '18'], Place::Buried];
        yield 'one layer measured' => [
            AccessoryFunction::Joint, $alike('iec-1x150-al-24-copper-wire'), ['insulation' => '25.2'], Place::Chamber,
        ];
        yield 'only the conductor measured' => [AccessoryFunction::Joint, $alike('iec-1x95-al-12'), ['conductor' => '11.4'], Place::Buried];
        yield 'neutral wires, 35 kV' => [
            AccessoryFunction::Joint, $alike('icea-4-0-al-35-100-tr-xlpe-concentric-neutral-11-163'), [], Place::Chamber,
        ];
        yield 'three cores, wire armour' => [
            AccessoryFunction::Joint, ['A' => 'iec-3x95-al-12-steel-wire', 'B' => 'iec-3x95-cu-12-steel-wire'], [], Place::Buried,
        ];
        yield 'paper to polymeric' => [
            AccessoryFunction::Joint, ['A' => 'lead-3x95-cu-12-belted-steel-wire', 'B' => 'iec-1x95-al-12'], [], Place::Buried,
        ];
        yield 'an end outdoors' => [AccessoryFunction::Termination, ['A' => 'iec-3x95-al-12-steel-wire'], [], Place::Outdoor];
        yield 'an end indoors' => [AccessoryFunction::Termination, ['A' => 'icea-4-0-al-15-100'], [], Place::Indoor];
        yield 'an elbow' => [
            AccessoryFunction::SeparableConnector, ['A' => 'icea-4-0-al-25-100-tr-xlpe-concentric-neutral-11-163'], [], Place::Chamber,
        ];
    }

    /**
     * @param array<string, string>      $cables
     * @param array<string, string>|null $readings
     */
    #[Test]
    #[DataProvider('jobs')]
    public function everySizeStandsWhereItsReportPutsIt(AccessoryFunction $function, array $cables, ?array $readings, ?Place $place): void
    {
        $enquiry = self::enquiry($function, $cables, $readings, $place);
        $sheets = self::sheets($function);
        $ranked = Ranking::kits($enquiry, KitTable::of($sheets), ConnectorTable::of([]));
        $reports = self::reports($enquiry, $sheets);
        self::assertCount(\count($reports), $ranked->rows);
        $homes = array_map(
            static fn (array $size): bool => $enquiry->isAtHome($size[1]->takes(End::A)->conductors), self::sizes($enquiry, $sheets),
        );
        $inOrder = array_map(static fn (int $row): string => self::place($reports[$row], $homes[$row]), $ranked->rows);
        $sorted = $inOrder;
        sort($sorted);
        self::assertSame($sorted, $inOrder);
        self::assertSame(
            \count(array_filter($reports, static fn (FitReport $report): bool => 'does-not-fit' !== $report->outcome()->value)),
            $ranked->possible,
        );
    }

    /**
     * @param array<string, string>      $cables
     * @param array<string, string>|null $readings
     */
    #[Test]
    #[DataProvider('jobs')]
    public function theConnectorThatGoesBestWithASizeIsTheOneThatItsReportsSay(
        AccessoryFunction $function, array $cables, ?array $readings, ?Place $place,
    ): void {
        $enquiry = self::enquiry($function, $cables, $readings, $place);
        $sheets = self::sheets($function);
        $connectors = Demo::connectors();
        $ranked = Ranking::kits($enquiry, KitTable::of($sheets), ConnectorTable::of($connectors));
        $sizes = self::sizes($enquiry, $sheets);
        $kits = self::reports($enquiry, $sheets);
        foreach ($ranked->pairs as $row => $pair) {
            $together = array_map(
                static fn ($connector): FitReport => $kits[$row]->and(ConnectorFit::judge(
                    $function, $enquiry->cables, $connector, ...$sizes[$row],
                )),
                $connectors,
            );
            $goes = array_filter($together, static fn (FitReport $report): bool => 'does-not-fit' !== $report->outcome()->value);
            self::assertCount($pair->goes, $goes);
            self::assertSame([] === $goes, null === $pair->connector);
            if (null !== $pair->connector && [] !== $goes) {
                self::assertSame(min(array_map(self::standing(...), $goes)), self::standing($together[$pair->connector]));
            }
        }
        self::assertSame(\count($ranked->pairs), $ranked->possible);
    }

    #[Test]
    public function connectorsAreRankedForTheKitThatIsChosen(): void
    {
        $enquiry = self::enquiry(AccessoryFunction::Joint, ['A' => 'icea-4-0-al-15-100', 'B' => 'icea-4-0-al-15-100'], [], Place::Buried);
        $connectors = Demo::connectors();
        $sheet = Demo::kit('thole-splice-15');
        $table = KitTable::of([$sheet]);
        $ranked = Ranking::connectors(
            $enquiry, ConnectorTable::of($connectors), $table, $table->find('thole-splice-15', $sheet->revision->number, 'A'),
        );
        $standings = array_map(static fn (int $row): string => self::place(
            ConnectorFit::judge($enquiry->function, $enquiry->cables, $connectors[$row], $sheet, $sheet->sizes['A']),
            $enquiry->isAtHome($connectors[$row]->barrels->at(End::A)->sizes),
        ), $ranked->rows);
        $sorted = $standings;
        sort($sorted);
        self::assertSame($sorted, $standings);
        $goes = array_filter($connectors, static fn ($connector): bool => 'does-not-fit' !== ConnectorFit::judge(
            $enquiry->function, $enquiry->cables, $connector, $sheet, $sheet->sizes['A'],
        )->outcome()->value);
        self::assertCount($ranked->possible, $goes);
        self::assertGreaterThan(0, $ranked->possible);
    }

    #[Test]
    public function nothingFitsWhileAnEndHasNoCable(): void
    {
        $enquiry = self::enquiry(AccessoryFunction::Joint, ['A' => 'iec-1x95-al-12'], [], Place::Buried);
        $reports = self::reports($enquiry, self::sheets(AccessoryFunction::Joint));
        $outcomes = array_unique(array_map(static fn (FitReport $report): string => $report->outcome()->value, $reports));
        self::assertContains('cannot-tell', $outcomes);
        self::assertNotContains('fits', $outcomes);
        self::assertNotContains('fits-unproved', $outcomes);
    }

    /** 20.0 mm to 26 mm does not take the nominal 19.1 mm of this type, 17 mm to 24 mm does: measured or not, that comes first. */
    #[Test]
    public function aSizeThatTakesTheNominalComesBeforeOneThatOnlyItsSpreadReaches(): void
    {
        $enquiry = self::enquiry(AccessoryFunction::Joint, ['A' => 'iec-1x95-al-12', 'B' => 'iec-1x95-al-12'], null, Place::Buried);
        $reports = self::reports($enquiry, $sheets = self::sheets(AccessoryFunction::Joint));
        $ranked = Ranking::kits($enquiry, KitTable::of($sheets), ConnectorTable::of([]));
        $open = array_filter($ranked->rows, static fn (int $row): bool => 'cannot-tell' === $reports[$row]->outcome()->value);
        $unlikely = array_values(array_map(static fn (int $row): int => $reports[$row]->unlikely(), $open));
        $sorted = $unlikely;
        sort($sorted);
        self::assertSame($sorted, $unlikely);
        self::assertGreaterThan(1, \count(array_unique($unlikely)));
    }

    #[Test]
    public function amongEqualsTheJobsOwnUnitsComeFirst(): void
    {
        foreach ([[LengthUnit::Millimetre, true], [LengthUnit::Inch, false]] as [$unit, $isMetric]) {
            $enquiry = new Enquiry(AccessoryFunction::Joint, [], Site::of(Weather::unknown(), Place::Buried, null), $unit);
            $sizes = self::sizes($enquiry, $sheets = self::sheets(AccessoryFunction::Joint));
            $first = Ranking::kits($enquiry, KitTable::of($sheets), ConnectorTable::of([]))->rows[0];
            self::assertSame($isMetric, $sizes[$first][1]->takes(End::A)->conductors->min->isMetric());
        }
    }

    #[Test]
    public function whatMustBeMeasuredIsOneLineForEachLayer(): void
    {
        $enquiry = self::enquiry(AccessoryFunction::Joint, ['A' => 'iec-1x95-al-12', 'B' => 'iec-1x95-al-12'], null, Place::Buried);
        $sheet = Demo::kit('quillon-straight-12');
        $reports = array_map(
            static fn (KitSize $size): FitReport => KitFit::judge($enquiry->function, $enquiry->cables, $enquiry->site, $sheet, $size),
            $sheet->sizes,
        );
        $report = array_values(array_filter($reports, static fn (FitReport $one): bool => 'cannot-tell' === $one->outcome()->value))[0];
        $waiting = array_filter($report->condensed()->findings, static fn (Finding $finding): bool => null !== $finding->needed);
        $layers = array_map(static fn (Finding $finding): string => $finding->end?->value.' '.$finding->needed?->layer->value, $waiting);
        self::assertSame(array_unique($layers), $layers);
        self::assertLessThan(\count($report->findings), \count($report->condensed()->findings));
        $more = 0;
        foreach ($waiting as $finding) {
            $said = (new Reader(LengthUnit::Millimetre))->say($finding->reason);
            $more += match (true) {
                str_contains($said, 'Another limit waits') => 1,
                1 === preg_match('/ (\d+) more limits wait/', $said, $found) => (int) $found[1],
                default => 0,
            };
        }
        self::assertSame(\count($report->findings), \count($report->condensed()->findings) + $more, 'each limit is counted once');
        self::assertSame($report->outcome(), $report->condensed()->outcome());
        self::assertSame(0, $report->refusals());
    }

    #[Test]
    public function amongEqualsAKitThatNoConnectorGoesWithComesLast(): void
    {
        $enquiry = self::enquiry(AccessoryFunction::Joint, ['A' => 'iec-1x95-al-12', 'B' => 'iec-1x95-al-12'], [], Place::Buried);
        $sheets = self::sheets(AccessoryFunction::Joint);
        $ranked = Ranking::kits($enquiry, KitTable::of($sheets), ConnectorTable::of([Demo::connector('brasswick-al-95')]));
        $outcomes = self::reports($enquiry, $sheets);
        $fitting = array_values(array_filter($ranked->rows, static fn (int $row): bool => 'fits' === $outcomes[$row]->outcome()->value));
        $goes = array_map(static fn (int $row): bool => $ranked->pairs[$row]->goes > 0, $fitting);
        $sorted = $goes;
        rsort($sorted);
        self::assertSame($sorted, $goes);
        self::assertContains(true, $goes);
    }

    /**
     * @param array<string, string>      $cables
     * @param array<string, string>|null $readings
     */
    private static function enquiry(AccessoryFunction $function, array $cables, ?array $readings, ?Place $place): Enquiry
    {
        $ends = array_map(
            static fn (CableEnd $end): CableEnd => [] === $readings ? $end : new CableEnd(
                $end->end, $end->construction, self::found($readings ?? []), null,
            ),
            Demo::ends($cables),
        );

        return new Enquiry($function, $ends, Site::of(Weather::unknown(), $place, null), LengthUnit::Millimetre);
    }

    /** @param array<string, string> $readings */
    private static function found(array $readings): AsFound
    {
        return AsFound::of(array_map(
            static fn (string $typed): array => [Reading::typed($typed, LengthUnit::Millimetre, Instrument::Caliper)], $readings,
        ));
    }

    /** @return list<KitSheet> */
    private static function sheets(AccessoryFunction $function): array
    {
        return array_values(array_filter(Demo::kits(), static fn (KitSheet $sheet): bool => $function === $sheet->application->function));
    }

    /**
     * @param list<KitSheet> $sheets
     *
     * @return list<array{KitSheet, KitSize}> by row; the sheets as they stand for the job
     */
    private static function sizes(Enquiry $enquiry, array $sheets): array
    {
        $sizes = [];
        foreach ($sheets as $sheet) {
            foreach ($sheet->sizes as $size) {
                $sizes[] = [$sheet->applyingTo(...$enquiry->values()), $size];
            }
        }

        return $sizes;
    }

    /**
     * @param list<KitSheet> $sheets
     *
     * @return list<FitReport> by row
     */
    private static function reports(Enquiry $enquiry, array $sheets): array
    {
        return array_map(
            static fn (array $size): FitReport => KitFit::judge($enquiry->function, $enquiry->cables, $enquiry->site, ...$size),
            self::sizes($enquiry, $sheets),
        );
    }

    /**
     * Sorts as the ranking does: outcome, nominal diameters outside, how much is against it, the world of units, the largest of the
     * thinnest margins.
     */
    private static function place(FitReport $report, bool $isAtHome): string
    {
        $margin = 10 ** 15 - ($report->thinnest()?->judgement?->margin->nanometres ?? 0);

        return \sprintf(
            '%d %03d %03d %d %016d', $report->outcome()->strictness(), $report->unlikely(), $report->obstacles(), (int) !$isAtHome, $margin,
        );
    }

    /** Of a connector within a kit: outcome, how much is against it, the thinnest margin with the largest first. */
    private static function standing(FitReport $report): string
    {
        return \sprintf(
            '%d %03d %016d',
            $report->outcome()->strictness(),
            $report->obstacles(),
            10 ** 15 - ($report->thinnest()?->judgement?->margin->nanometres ?? 0),
        );
    }
}
