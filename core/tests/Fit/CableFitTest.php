<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Fit;

use Berm\Core\Build\BuildState;
use Berm\Core\Cable\Comparison;
use Berm\Core\File\BadDocument;
use Berm\Core\Fit\CableFit;
use Berm\Core\Fit\Criterion;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\Outcome;
use Berm\Core\Job\Obstacle;
use Berm\Core\Job\ObstacleCode;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Step;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Example;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class CableFitTest extends TestCase
{
    #[Test]
    public function aSoundCableInDryAirHasNothingAgainstIt(): void
    {
        $report = self::judge(
            ['surface' => '18 °C', 'conditions' => ['strands-dry' => 'yes', 'sheath-sound' => 'yes']], ['air' => '20 °C', 'humidity' => 50],
        );
        self::assertSame([[Criterion::Sweating, Outcome::Fits]], self::outcomes($report));
    }

    #[Test]
    public function wetStrandsStopTheWorkAndSayWhatToDo(): void
    {
        $report = self::judge(['conditions' => ['strands-dry' => 'no', 'paper-dry' => 'no']]);
        self::assertSame(
            [[Criterion::CableCondition, Outcome::DoesNotFit]], self::outcomes($report), 'papers are no question on an extruded cable',
        );
        self::assertTrue($report->findings[0]->stops);
        self::assertStringStartsWith('There is water in the strands', $report->findings[0]->reason->template);
        $plan = Plan::of(
            Example::read([...Example::with(Example::joint(), 'ends.A.conditions', ['strands-dry' => 'no'])])->job, BuildState::fold([]),
        );
        self::assertContains(Step::Cables, array_map(static fn ($obstacle): Step => $obstacle->step, $plan->obstacles));
        self::assertFalse($plan->isDone(Step::Cables));
        self::assertContains(
            ObstacleCode::DoesNotFit, array_map(static fn (Obstacle $obstacle): ObstacleCode => $obstacle->code, $plan->obstacles),
        );
    }

    #[Test]
    public function aCableThatWillSweatOrIsTooColdToBendIsSaid(): void
    {
        self::assertSame(
            [[Criterion::Sweating, Outcome::DoesNotFit]],
            self::outcomes(self::judge(['surface' => '8 °C'], ['air' => '20 °C', 'humidity' => 50])),
        );
        self::assertSame(
            [[Criterion::Sweating, Outcome::FitsUnproved]],
            self::outcomes(self::judge(['surface' => '12.4 °C'], ['air' => '20 °C', 'humidity' => 50])),
        );
        self::assertSame(
            [[Criterion::Sweating, Outcome::CannotTell], [Criterion::HandlingTemperature, Outcome::DoesNotFit]],
            self::outcomes(self::judge(['surface' => '-20 °C'])),
        );
    }

    /** Source: IEC 60502-2: at a point 0.9 tn - 0.1 = 2.96 mm of 3.4 mm; eccentricity at most 15 %. */
    #[Test]
    public function aThinOrEccentricWallIsSaid(): void
    {
        self::assertSame(
            [[Criterion::InsulationWall, Outcome::Fits], [Criterion::Eccentricity, Outcome::Fits]],
            self::outcomes(self::judge(['walls' => Example::readings('3.3', '3.4', '3.5', '3.6')])),
        );
        $said = self::judge(['walls' => Example::readings('3.2', '3.4', '3.5', '4')])->findings[1]->reason;
        self::assertSame(
            'The wall varies by 20 % of its greatest; IEC 60502-2 allows 15 %.', (new Reader(LengthUnit::Millimetre))->say($said),
        );
        self::assertSame(
            [[Criterion::InsulationWall, Outcome::DoesNotFit], [Criterion::Eccentricity, Outcome::DoesNotFit]],
            self::outcomes(self::judge(['walls' => Example::readings('2.8', '3.4', '3.5', '3.6')])),
        );
        self::assertSame(
            [[Criterion::InsulationWall, Outcome::FitsUnproved], [Criterion::Eccentricity, Outcome::CannotTell]],
            self::outcomes(self::judge(['walls' => Example::readings('2.98', '3.2')])),
        );
    }

    #[Test]
    public function inchesTypedAsMillimetresAreRecognised(): void
    {
        $readings = [
            'conductor' => Example::readings('11.5'),
            'insulation' => [['typed' => '19.5', 'unit' => 'mm', 'instrument' => 'caliper']],
            'oversheath' => [['typed' => '3.9', 'unit' => 'in', 'instrument' => 'caliper']],
        ];
        $report = self::judge(['readings' => $readings]);
        self::assertSame(Criterion::CableAsNamed, $report->findings[0]->criterion);
        self::assertStringNotContainsString('other unit', $report->findings[0]->reason->template, '99 mm is no oversheath in either unit');
        $slip = self::judge(
            ['readings' => [...$readings, 'oversheath' => [['typed' => '25.1', 'unit' => 'in', 'instrument' => 'tape']]]],
            [],
            'gives 637.54 mm',
        );
        self::assertSame([], $slip->findings);
    }

    #[Test]
    public function twoCablesOfAJointAreComparedInWords(): void
    {
        $job = Example::with(
            Example::joint(), 'ends.B.cable.conductor', ['material' => 'copper', 'shape' => 'compacted', 'size' => '120 mm²'],
        );
        $job = Example::with($job, 'ends.B.readings.insulation', Example::readings('21.6'));
        $job = Example::with($job, 'ends.B.readings.insulation-screen', Example::readings('23'));
        $job = Example::with($job, 'ends.B.readings.metallic-screen', Example::readings('23.4'));
        $cables = Example::read($job)->job->allCables() ?? [];
        $said = array_map((new Reader(LengthUnit::Millimetre))->say(...), Comparison::of($cables[0], $cables[1]));
        self::assertSame([
            'Aluminium to copper: the connector must be bimetallic or rated for both.',
            '95 mm² to 120 mm²: the connector must take both, and its bore must grip the smaller.',
            'The insulation is 1.05 mm thicker at end B: 4 mm against 5.05 mm. Set the stripper for each end, and look that one size of tube grips both.',
        ], $said);
        self::assertSame([], Comparison::of($cables[0], $cables[0]));
    }

    #[Test]
    public function aKitForOneCoreDoesNotTakeThree(): void
    {
        $job = Example::with(Example::joint(), 'ends.A.cable.cores', 3);
        $report = Plan::of(Example::read($job)->job, BuildState::fold([]))->kitFit;
        $finding = array_values(array_filter(
            $report->findings ?? [],
            static fn (Finding $finding): bool => Criterion::Cores === $finding->criterion && Outcome::DoesNotFit === $finding->outcome,
        ))[0] ?? null;
        self::assertSame('The cable has three cores; the kit is for one core.', $finding?->reason->template);
    }

    /**
     * @param array<string, mixed>      $found
     * @param array<string, int|string> $weather
     */
    private static function judge(array $found, array $weather = [], string $refused = ''): FitReport
    {
        $job = Example::joint();
        foreach ($found as $key => $value) {
            $job = Example::with($job, "ends.A.$key", $value);
        }
        try {
            $read = Example::read([...$job, 'weather' => $weather])->job;
        } catch (BadDocument $error) {
            self::assertNotSame('', $refused, $error->getMessage());
            self::assertStringContainsString($refused, $error->getMessage());

            return FitReport::of();
        }

        return CableFit::judge($read->cables['A'], $read->site->weather);
    }

    /** @return list<array{Criterion, Outcome}> */
    private static function outcomes(FitReport $report): array
    {
        return array_map(static fn (Finding $finding): array => [$finding->criterion, $finding->outcome], $report->findings);
    }
}
