<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Fit;

use Berm\Core\Build\BuildState;
use Berm\Core\Cable\End;
use Berm\Core\Fit\Criterion;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\Outcome;
use Berm\Core\Job\Plan;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Example;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What a kit says of the place, the cable's kind and the lug, each on both sides of its limit. */
final class KitFitTest extends TestCase
{
    private const SHEET = 'kit.sheet.';

    /** @return iterable<string, array{array<string, mixed>, Criterion, ?Outcome, string}> changes by path; null: nothing is said */
    public static function sites(): iterable
    {
        $buried = [self::SHEET.'places' => ['buried', 'chamber']];
        yield 'the leaflet says no place' => [['place' => 'outdoor'], Criterion::Place, null, ''];
        yield 'a place that it allows' => [
            [...$buried, 'place' => 'chamber'], Criterion::Place, Outcome::Fits, 'The kit may be used in a chamber.',
        ];
        yield 'another place' => [
            [...$buried, 'place' => 'outdoor'],
            Criterion::Place,
            Outcome::DoesNotFit,
            'It will be outdoors; the kit may be used buried or in a chamber.',
        ];
        yield 'nobody has said where' => [
            $buried, Criterion::Place, Outcome::CannotTell, 'Say where it will be: the kit may be used buried or in a chamber.',
        ];
        yield 'upright unless somebody says otherwise' => [
            [self::SHEET.'mountings' => ['upright']], Criterion::Mounting, Outcome::Fits, 'The kit may stand upright.',
        ];
        yield 'upside down' => [
            [self::SHEET.'mountings' => ['upright'], 'mounting' => 'inverted'],
            Criterion::Mounting,
            Outcome::DoesNotFit,
            'It will stand inverted; the kit is not for that.',
        ];
        $shelf = [self::SHEET.'shelf' => ['coldestInstallation' => '-5 °C', 'warmestInstallation' => '45 °C']];
        yield 'at the coldest' => [
            [...$shelf, 'weather' => ['air' => '-5 °C']],
            Criterion::InstallationTemperature,
            Outcome::Fits,
            'The kit may be installed at -5 °C.',
        ];
        yield 'a tenth colder' => [
            [...$shelf, 'weather' => ['air' => '-5.1 °C']],
            Criterion::InstallationTemperature,
            Outcome::DoesNotFit,
            'The air has -5.1 °C; the kit may be installed from -5 °C. Warm the place and the kit first.',
        ];
        yield 'a tenth warmer' => [
            [...$shelf, 'weather' => ['air' => '45.1 °C']],
            Criterion::InstallationTemperature,
            Outcome::DoesNotFit,
            'The air has 45.1 °C; the kit may be installed up to 45 °C.',
        ];
        yield 'nobody has read the air' => [$shelf, Criterion::InstallationTemperature, null, ''];
        yield 'a conductor that the size takes' => [
            [self::SHEET.'sizes.0.conductor' => [
                'min' => '70 mm²', 'max' => '150 mm²', 'materials' => ['aluminium'], 'shapes' => ['compacted', 'stranded'],
            ]],
            Criterion::ConductorKind,
            Outcome::Fits,
            'Size M takes it: aluminium, compacted.',
        ];
        yield 'one of another material' => [
            [self::SHEET.'sizes.0.conductor' => ['min' => '70 mm²', 'max' => '150 mm²', 'materials' => ['copper']]],
            Criterion::ConductorKind,
            Outcome::DoesNotFit,
            'The conductor is aluminium, compacted; size M takes copper.',
        ];
        yield 'every conductor of its range' => [[], Criterion::ConductorKind, null, ''];
        yield 'no armour, and none taken' => [[], Criterion::ArmourKind, null, ''];
        yield 'a parked tube that passes the connector exactly' => [
            [self::SHEET.'sizes.0.parts.stress-tube.expandedBore' => '25.5 mm', 'connector.diameter' => '25.5 mm'],
            Criterion::PassesConnector,
            Outcome::Fits,
            'The connector is 25.5 mm thick; the stress tube, expanded, takes up to 25.5 mm: 0 mm to spare.',
        ];
        yield 'one that does not' => [
            [self::SHEET.'sizes.0.parts.stress-tube.expandedBore' => '25.4 mm', 'connector.diameter' => '25.5 mm'],
            Criterion::PassesConnector,
            Outcome::DoesNotFit,
            'The connector is 25.5 mm thick; the stress tube, expanded, takes up to 25.4 mm: 0.1 mm too much.',
        ];
        yield 'class A' => [
            ['connector.class' => 'A'],
            Criterion::ConnectorClass,
            Outcome::Fits,
            'IEC 61238-1-3 class A: tested with heat cycles and short circuits.',
        ];
        yield 'class B' => [
            ['connector.class' => 'B'],
            Criterion::ConnectorClass,
            Outcome::CannotTell,
            'IEC 61238-1-3 class B: tested with heat cycles, not with short circuits. Ask the network’s owner whether that is enough here.',
        ];
        yield 'no class' => [
            [], Criterion::ConnectorClass, Outcome::CannotTell, 'Its maker does not say to which class of IEC 61238-1-3 it was tested.',
        ];
    }

    /** @param array<string, mixed> $changes */
    #[Test]
    #[DataProvider('sites')]
    public function aCriterionSaysWhatItRestsOn(array $changes, Criterion $criterion, ?Outcome $outcome, string $says): void
    {
        $job = Example::joint();
        foreach ($changes as $path => $value) {
            $job = Example::with($job, $path, $value);
        }
        $plan = Plan::of(Example::read($job)->job, BuildState::nothingDone());
        self::assertFound(self::in($plan, $criterion), $outcome, $says);
    }

    /**
     * @return iterable<string, array{string, string, string, array<string, string>, Criterion, End, Outcome, string}> kit, size, connector,
     *                                                                                                                 cables
     */
    public static function cables(): iterable
    {
        $wire = ['A' => 'iec-3x95-al-12-steel-wire', 'B' => 'iec-3x95-al-12-steel-wire'];
        yield 'the armour it is for' => [
            'quillon-wire-joint-12',
            '95',
            'tallis-shear-95-150',
            $wire,
            Criterion::ArmourKind,
            End::A,
            Outcome::Fits,
            'The kit is for this armour: steel wire.',
        ];
        yield 'another armour' => [
            'osterwick-tape-joint-12',
            'L1',
            'brasswick-al-95',
            $wire,
            Criterion::ArmourKind,
            End::B,
            Outcome::DoesNotFit,
            'The armour is steel wire; the kit is for steel tape.',
        ];
        yield 'one core where three are wanted' => [
            'quillon-wire-joint-12',
            '95',
            'tallis-shear-95-150',
            ['A' => 'iec-1x95-al-12', 'B' => 'iec-1x95-al-12'],
            Criterion::Cores,
            End::A,
            Outcome::DoesNotFit,
            'The cable has one core; the kit is for three cores.',
        ];
        $mixed = ['A' => 'lead-3x95-cu-12-belted-steel-wire', 'B' => 'iec-1x95-al-12'];
        yield 'paper at end A' => [
            'quillon-transition-17',
            'T1',
            'tallis-shear-sector-95-150',
            $mixed,
            Criterion::InsulationMaterial,
            End::A,
            Outcome::Fits,
            'The kit is made for paper.',
        ];
        yield 'polymeric at end B' => [
            'quillon-transition-17',
            'T1',
            'tallis-shear-sector-95-150',
            $mixed,
            Criterion::InsulationMaterial,
            End::B,
            Outcome::Fits,
            'The kit is made for XLPE.',
        ];
        yield 'the ends exchanged' => [
            'quillon-transition-17',
            'T1',
            'tallis-shear-sector-95-150',
            ['A' => 'iec-1x95-al-12', 'B' => 'lead-3x95-cu-12-belted-steel-wire'],
            Criterion::Cores,
            End::A,
            Outcome::DoesNotFit,
            'The cable has one core; the kit is for three cores.',
        ];
    }

    /** @param array<string, string> $cables */
    #[Test]
    #[DataProvider('cables')]
    public function eachEndIsHeldAgainstWhatTheKitTakesThere(
        string $kit, string $size, string $connector, array $cables, Criterion $criterion, End $end, Outcome $outcome, string $says,
    ): void {
        $plan = Plan::of(Demo::job($kit, $size, $connector, $cables, 'buried'), BuildState::nothingDone());
        $found = array_values(array_filter(self::in($plan, $criterion), static fn (Finding $finding): bool => $end === $finding->end));
        self::assertFound($found, $outcome, $says);
    }

    #[Test]
    public function theLeadSheathIsMeasuredWhereTheKitTakesOne(): void
    {
        $plan = Plan::of(
            Demo::job(
                'quillon-transition-17',
                'T1',
                'tallis-shear-sector-95-150',
                ['A' => 'lead-3x95-cu-12-belted-steel-wire', 'B' => 'iec-1x95-al-12'],
                'buried',
            ),
            BuildState::nothingDone(),
        );
        $found = self::in($plan, Criterion::LeadSheathDiameter);
        self::assertCount(1, $found, 'the polymeric side has none');
        self::assertSame([End::A, Outcome::Fits], [$found[0]->end, $found[0]->outcome]);
    }

    #[Test]
    public function aFourHolePadDoesNotPassABodyThatGoesOnAfterTheLug(): void
    {
        $plan = static fn (string $kit, string $size, string $lug): Plan => Plan::of(
            Demo::job($kit, $size, $lug, ['A' => 'icea-4-0-al-15-100'], 'indoor'), BuildState::nothingDone(),
        );
        $lugFirst = self::in($plan('osterwick-indoor-15', '15-1', 'corvane-lug-4-hole-1-0-250'), Criterion::PassesPad);
        self::assertSame([Outcome::DoesNotFit], array_map(static fn (Finding $finding): Outcome => $finding->outcome, $lugFirst));
        self::assertStringStartsWith('The pad is 76.2 mm wide; the termination body, expanded, takes up to', self::said($lugFirst[0]));
        self::assertSame(
            [Outcome::Fits],
            array_map(
                static fn (Finding $finding): Outcome => $finding->outcome,
                self::in($plan('osterwick-indoor-15', '15-1', 'corvane-lug-1-0-250'), Criterion::PassesPad),
            ),
        );
        $bodyFirst = Demo::job(
            'osterwick-bar-end-28',
            'B1',
            'corvane-lug-4-hole-1-0-250',
            ['A' => 'icea-4-0-al-15-100-tr-xlpe-concentric-neutral-11-163'],
            'indoor',
        );
        self::assertNotContains(
            Outcome::DoesNotFit,
            array_map(
                static fn (Finding $finding): Outcome => $finding->outcome,
                self::in(Plan::of($bodyFirst, BuildState::nothingDone()), Criterion::PassesPad),
            ),
            'there the body goes on before the lug, because the pad does not pass',
        );
    }

    #[Test]
    public function whatStopsCountsOnceACriterionAndEnd(): void
    {
        $narrow = Example::with(
            Example::with(Example::joint(), 'kit.sheet.sizes.0.parts.stress-tube.expandedBore', '22 mm'),
            'kit.sheet.sizes.0.parts.outer-sleeve.expandedBore',
            '24 mm',
        );
        $report = Plan::of(Example::read($narrow)->job, BuildState::nothingDone())->kitFit ?? self::fail('there is a kit');
        self::assertGreaterThan(
            2,
            \count(array_filter(
                $report->findings,
                static fn (Finding $finding): bool => Criterion::ParkedBore === $finding->criterion
                    && Outcome::DoesNotFit === $finding->outcome,
            )),
        );
        self::assertSame(2, $report->obstacles(), 'parked parts do not pass: at end A and at end B');
    }

    /** @return list<Finding> */
    private static function in(Plan $plan, Criterion $criterion): array
    {
        $reports = array_filter([$plan->kitFit, $plan->connectorFit], static fn (?FitReport $report): bool => null !== $report);
        $findings = array_merge([], ...array_map(static fn (FitReport $report): array => $report->findings, array_values($reports)));

        return array_values(array_filter($findings, static fn (Finding $finding): bool => $criterion === $finding->criterion));
    }

    /** @param list<Finding> $found */
    private static function assertFound(array $found, ?Outcome $outcome, string $says): void
    {
        $is = array_map(static fn (Finding $finding): array => [$finding->outcome, self::said($finding)], $found);
        null === $outcome ? self::assertSame([], $is) : self::assertContains([$outcome, $says], $is);
    }

    private static function said(Finding $finding): string
    {
        return (new Reader(LengthUnit::Millimetre))->say($finding->reason);
    }
}
