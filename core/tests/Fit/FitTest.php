<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Fit;

use Berm\Core\Build\BuildState;
use Berm\Core\Fit\Criterion;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\Outcome;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Step;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Example;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class FitTest extends TestCase
{
    /** A maker writes what a maker likes: braces and brackets in a name are signs like others. */
    #[Test]
    public function aNameIsSaidAsItIsWritten(): void
    {
        $job = Example::with(Example::joint(), 'kit.sheet.parts.0.name', 'Tube {by} [armour] {none:fine}');
        $plan = Plan::of(Example::read(Example::with($job, 'kit.sheet.parts.0.key', 'stress-tube'))->job, BuildState::nothingDone());
        $says = array_map(
            static fn (Finding $finding): string => (new Reader(LengthUnit::Millimetre))->say($finding->reason),
            [...$plan->kitFit->findings ?? [], ...$plan->connectorFit->findings ?? []],
        );
        $naming = array_filter($says, static fn (string $said): bool => str_contains($said, 'tube {by} [armour] {none:fine}'));
        self::assertGreaterThanOrEqual(4, \count($naming), implode("\n", $says));
    }

    #[Test]
    public function whatFitsSaysByHowMuchAndWhereItIsTightest(): void
    {
        $plan = Plan::of(Example::read(Example::joint())->job, BuildState::nothingDone());
        self::assertSame([Outcome::Fits, Outcome::Fits], [$plan->kitFit?->outcome(), $plan->connectorFit?->outcome()]);
        self::assertSame(
            [Criterion::InsulationDiameter, '2.5 mm'],
            [$plan->kitFit?->thinnest()?->criterion, $plan->kitFit?->thinnest()?->judgement?->margin->toText()],
        );
        self::assertSame(
            [Criterion::ConnectorBore, '1 mm'],
            [$plan->connectorFit?->thinnest()?->criterion, $plan->connectorFit?->thinnest()?->judgement?->margin->toText()],
        );
    }

    /** @return iterable<string, array{string, mixed, Criterion, Outcome, string}> */
    public static function kitFindings(): iterable
    {
        yield 'insulation too thin' => [
            'ends.A.readings.insulation',
            Example::readings('16.4'),
            Criterion::InsulationDiameter,
            Outcome::DoesNotFit,
            'Over the insulation 16.4 mm; size M takes 17 mm to 24 mm: 0.6 mm too small.',
        ];
        yield 'inside by less than the readings can tell' => [
            'ends.A.readings.insulation',
            Example::readings('17.02'),
            Criterion::InsulationDiameter,
            Outcome::FitsUnproved,
            'Over the insulation 17.02 mm; size M takes 17 mm to 24 mm: inside by 0.02 mm, less than the ± 0.05 mm of the reading. Measure again with something finer.',
        ];
        yield 'out by less than the readings can tell' => [
            'ends.A.readings.insulation',
            Example::readings('16.98'),
            Criterion::InsulationDiameter,
            Outcome::DoesNotFit,
            'Over the insulation 16.98 mm; size M takes 17 mm to 24 mm: 0.02 mm too small, by less than the ± 0.05 mm of the reading. Measure again with something finer.',
        ];
        yield 'not measured' => [
            'ends.A.readings.insulation',
            [],
            Criterion::InsulationDiameter,
            Outcome::CannotTell,
            'Measure over the insulation. It should fit: this cable type has 19.5 mm, size M takes 17 mm to 24 mm.',
        ];
        yield 'not measured, and the type lies outside' => [
            'kit.sheet.sizes.0.insulation',
            ['min' => '30 mm', 'max' => '40 mm'],
            Criterion::InsulationDiameter,
            Outcome::DoesNotFit,
            'Over the insulation 19.5 mm; size M takes 30 mm to 40 mm: 10.5 mm too small.',
        ];
        yield 'a parked tube that does not pass' => [
            'kit.sheet.sizes.0.parts.stress-tube.expandedBore',
            '24.5 mm',
            Criterion::ParkedBore,
            Outcome::DoesNotFit,
            'Over the oversheath 25 mm; the stress tube, expanded, takes up to 24.5 mm: 0.5 mm too large.',
        ];
        yield 'a tube that would not grip the only layer measured' => [
            'ends.A.readings',
            ['conductor' => Example::readings('11.5')],
            Criterion::RecoveredBore,
            Outcome::CannotTell,
            'Measure over the insulation screen. It should fit: this cable type has 21.1 mm, the stress tube, shrunk, takes at least 12 mm.',
        ];
        yield 'a higher voltage' => [
            'ends.A.cable.ratedVoltage',
            '12.7/22 (24) kV',
            Criterion::Voltage,
            Outcome::DoesNotFit,
            'The cable is for 12.7/22 (24) kV; the kit reaches only 6.35/11 (12) kV.',
        ];
        yield 'another screen' => [
            'ends.A.cable.metallicScreen',
            'copper-wire',
            Criterion::MetallicScreen,
            Outcome::DoesNotFit,
            'The metallic screen is copper wire; the kit connects copper tape.',
        ];
        yield 'another insulation' => [
            'ends.A.cable.insulation',
            'epr',
            Criterion::InsulationMaterial,
            Outcome::DoesNotFit,
            'The insulation is EPR; the kit is made for XLPE.',
        ];
        yield 'a larger conductor' => [
            'ends.A.cable.conductor.size',
            '185 mm²',
            Criterion::ConductorSize,
            Outcome::DoesNotFit,
            '185 mm² lies outside 70 mm² to 150 mm².',
        ];
        yield 'a kit for something else' => [
            'kit.sheet.function',
            'termination',
            Criterion::AccessoryFunction,
            Outcome::DoesNotFit,
            'The job is a joint; this kit makes a termination.',
        ];
    }

    #[Test]
    #[DataProvider('kitFindings')]
    public function eachCriterionGivesItsOutcomeAndItsReasonInASentence(
        string $path, mixed $value, Criterion $criterion, Outcome $outcome, string $says,
    ): void {
        $job = Example::with(Example::joint(), $path, $value);
        if ('termination' === $value) {
            $job = Example::with(Example::with($job, 'kit.sheet.parts.0.parkOn', ['A']), 'kit.sheet.parts.1.parkOn', ['A']);
        }
        self::assertFinding(Plan::of(Example::read($job)->job, BuildState::nothingDone())->kitFit, $criterion, $outcome, $says);
    }

    /** @return iterable<string, array{string, mixed, Criterion, Outcome, string}> */
    public static function connectorFindings(): iterable
    {
        yield 'copper in an aluminium connector' => [
            'ends.B.cable.conductor.material',
            'copper',
            Criterion::ConnectorMaterial,
            Outcome::DoesNotFit,
            'The conductor is copper; this takes aluminium only. Copper to aluminium needs a bimetallic or dual-rated one.',
        ];
        yield 'a conductor that does not enter' => [
            'ends.B.readings.conductor',
            Example::readings('12.7'),
            Criterion::ConnectorBore,
            Outcome::DoesNotFit,
            'Over the conductor 12.7 mm; the bore takes up to 12.5 mm: 0.2 mm too large.',
        ];
        yield 'a size it is not made for' => [
            'ends.B.cable.conductor.size',
            '150 mm²',
            Criterion::ConnectorSize,
            Outcome::DoesNotFit,
            '150 mm² lies outside 70 mm² to 120 mm².',
        ];
        yield 'too thick for the kit' => [
            'connector.diameter',
            '31 mm',
            Criterion::ConnectorDiameter,
            Outcome::DoesNotFit,
            'The connector is 31 mm thick; size M takes 14 mm to 30 mm: 1 mm too much.',
        ];
        yield 'too long for the kit' => [
            'connector.length',
            '150 mm',
            Criterion::ConnectorLength,
            Outcome::DoesNotFit,
            'The connector is 150 mm long; size M takes 50 mm to 135 mm: 15 mm too much.',
        ];
        yield 'a lug in a joint' => [
            'connector.kind', 'lug', Criterion::ConnectorKind, Outcome::DoesNotFit, 'A joint needs a connector; this is a lug.',
        ];
    }

    #[Test]
    #[DataProvider('connectorFindings')]
    public function aConnectorIsJudgedAgainstConductorsAndKit(
        string $path, mixed $value, Criterion $criterion, Outcome $outcome, string $says,
    ): void {
        $plan = Plan::of(Example::read(Example::with(Example::joint(), $path, $value))->job, BuildState::nothingDone());
        self::assertFinding($plan->connectorFit, $criterion, $outcome, $says);
        self::assertContains(
            $criterion,
            array_map(
                static fn ($finding): Criterion => $finding->criterion,
                array_filter($plan->connectorFit->findings ?? [], static fn ($finding): bool => !$finding->outcome->lets()),
            ),
        );
        self::assertFalse($plan->isDone(Step::Connector));
    }

    #[Test]
    public function aCableThatIsNotWhatItIsCalledIsSaidWithoutStoppingTheWork(): void
    {
        $plan = Plan::of(
            Example::read(Example::with(Example::joint(), 'ends.A.readings.conductor', Example::readings('12.2')))->job,
            BuildState::nothingDone(),
        );
        self::assertFinding(
            $plan->cableFit,
            Criterion::CableAsNamed,
            Outcome::DoesNotFit,
            'Over the conductor 12.2 mm; this cable type allows 11 mm to 12 mm. Check the name on the drum.',
        );
        self::assertTrue($plan->isDone(Step::Cables));
    }

    private static function assertFinding(?FitReport $report, Criterion $criterion, Outcome $outcome, string $says): void
    {
        foreach ($report->findings ?? [] as $finding) {
            if ($finding->criterion === $criterion && $finding->outcome === $outcome) {
                self::assertSame($says, (new Reader(LengthUnit::Millimetre))->say($finding->reason));

                return;
            }
        }
        self::fail("no finding of {$criterion->value} that {$outcome->value}");
    }
}
