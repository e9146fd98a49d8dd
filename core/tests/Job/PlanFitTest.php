<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Job;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Fit\Criterion;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\Outcome;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Trial;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A size fits only if it can be planned on these cables with this connector and every rule holds. */
final class PlanFitTest extends TestCase
{
    #[Test]
    public function aProvedSheetFitsInItsOwnCorner(): void
    {
        $trial = Trial::of(Demo::corner('quillon-core-17'));
        self::assertSame([Criterion::Planned], array_column($trial->plan->findings, 'criterion'));
        self::assertSame(Outcome::Fits, $trial->plan->outcome());
        self::assertMatchesRegularExpression('/^All is worked out with this connector: [3-9]\d rules hold\.$/', self::said($trial->plan));
    }

    #[Test]
    public function withoutAConnectorNobodyCanTell(): void
    {
        $trial = Trial::of(Demo::corner('quillon-core-17')->withConnector(null));
        self::assertSame(Outcome::CannotTell, $trial->kit->and($trial->plan)->outcome());
        self::assertSame(
            'No connector is chosen: where everything will lie rests on it. Choose it, or take both.', self::said($trial->plan),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, Criterion, Outcome, string}> */
    public static function hindrances(): iterable
    {
        yield 'a cut that has no rule' => [
            ['cuts.0.cases.0.when' => 'conductor_area > 2000 mm²'], Criterion::Planned, Outcome::DoesNotFit,
            'the kit sheet has no rule for the cut of the oversheath',
        ];
        yield 'cuts that cross each other' => [
            ['cuts.0.cases.0.distance' => 'cut_insulation_screen + 3 mm'], Criterion::Planned, Outcome::DoesNotFit, 'oversheath',
        ];
        yield 'a rule that does not hold' => [
            ['items.10.rules.0.min' => '900 mm'], Criterion::Rule, Outcome::DoesNotFit,
            'the rejacketing tube would cover 88.2 mm of the oversheath; the kit asks for 900 mm.',
        ];
        yield 'a rule that holds unless all comes together' => [
            ['items.10.hand' => '22 mm'], Criterion::Rule, Outcome::FitsUnproved,
            'short at the worst; the placing of the rejacketing tube takes most',
        ];
        yield 'a rule that most likely will not hold' => [
            ['items.10.hand' => '80 mm'], Criterion::Rule, Outcome::DoesNotFit, 'the rejacketing tube covers 88.2 mm of the oversheath',
        ];
        yield 'too little in the box' => [
            ['stock.4.length' => '200 mm'], Criterion::BoxContents, Outcome::DoesNotFit, 'The box is',
        ];
        yield 'something that nobody has said' => [
            ['asked' => [['key' => 'bushing', 'name' => 'Height of the bushing', 'kind' => 'length', 'min' => '1 mm', 'max' => '2 m',
                'reason' => 'The cable stands free so far.']]],
            Criterion::Asked, Outcome::CannotTell, 'Say first: height of the bushing.',
        ];
    }

    /** @param array<string, mixed> $changes */
    #[Test]
    #[DataProvider('hindrances')]
    public function whatThePlanBringsOutIsPartOfFit(array $changes, Criterion $criterion, Outcome $outcome, string $says): void
    {
        $trial = Trial::of(Demo::corner('quillon-core-17', $changes));
        self::assertTrue($trial->kit->outcome()->lets());
        self::assertSame($outcome, $trial->plan->outcome());
        self::assertSame($criterion, $trial->plan->worst()?->criterion);
        self::assertStringContainsString($says, self::said($trial->plan));
    }

    #[Test]
    public function whatWasSaidIsNotAskedAgain(): void
    {
        $asks = ['asked' => [['key' => 'bushing', 'name' => 'Height of the bushing', 'kind' => 'length', 'min' => '1 mm', 'max' => '2 m',
            'reason' => 'The cable stands free so far.']]];
        $job = Demo::corner('quillon-core-17', $asks);
        $said = new Job(
            $job->name, $job->function, $job->unit, $job->cables, $job->sheet, $job->size, $job->connector, $job->site,
            ['bushing' => Length::ofMillimetres(300)],
        );
        self::assertSame(Outcome::Fits, Trial::of($said)->plan->outcome());
    }

    #[Test]
    public function aConnectorThatDoesNotGoIsSaidOnceWithItsReason(): void
    {
        $trial = Trial::of(Demo::corner('quillon-core-17', ['sizes.0.connectorLength' => ['min' => '1 mm', 'max' => '12 mm']]));
        self::assertSame(Outcome::DoesNotFit, $trial->plan->outcome());
        self::assertStringStartsWith('Not with the connector that is chosen: ', self::said($trial->plan));
        self::assertSame($trial->connector, $trial->together());
    }

    #[Test]
    public function theParkedPartsNeedTheirRoom(): void
    {
        $job = Demo::corner('quillon-core-17');
        $short = array_map(static fn (CableEnd $cable): CableEnd => new CableEnd(
            $cable->end, $cable->construction, $cable->asFound, Length::ofMillimetres(300),
        ), $job->cables);
        $trial = Trial::of(new Job($job->name, $job->function, $job->unit, $short, $job->sheet, $job->size, $job->connector, $job->site));
        self::assertSame(Outcome::DoesNotFit, $trial->plan->outcome());
        self::assertSame(Criterion::ParkingRoom, $trial->plan->worst()?->criterion);
        self::assertStringContainsString('nose to tail and only 300 mm is free: ', self::said($trial->plan));
    }

    /** Insulation cut 32 mm too far back leaves a gap beside the connector that no rule lets stand, on whichever core that was. */
    #[Test]
    public function whatWasReadOnOneCoreIsPartOfFitAndSaidOnce(): void
    {
        $cut = static fn (int $core): CutMeasured => new CutMeasured(
            MarkPlace::of(End::A, Cut::Insulation, $core), Reading::typed('95', LengthUnit::Millimetre, Instrument::SteelRule),
        );
        $job = Demo::corner('quillon-armour-12');
        $fit = Written::plan($job, [Written::safe(), $cut(2)])->planFit ?? self::fail('a size is chosen');
        self::assertSame(Outcome::DoesNotFit, $fit->outcome());
        self::assertStringContainsString('End A, core 2: ', self::said($fit));
        $both = Written::plan($job, [Written::safe(), $cut(2), $cut(3)])->planFit ?? self::fail('a size is chosen');
        self::assertCount(\count($fit->findings), $both->findings);
    }

    #[Test]
    public function aKitThatIsRefusedByItselfIsNotPlanned(): void
    {
        $trial = Trial::of(Demo::corner('quillon-core-17', ['sizes.0.insulation' => ['min' => '1 mm', 'max' => '5 mm']]));
        self::assertSame(Outcome::DoesNotFit, $trial->kit->outcome());
        self::assertSame([], $trial->plan->findings);
    }

    #[Test]
    public function theTrialAndThePlanOfTheJobSayTheSame(): void
    {
        foreach ([[], ['items.10.rules.0.min' => '900 mm'], ['items.10.hand' => '22 mm']] as $changes) {
            $job = Demo::corner('quillon-core-17', $changes);
            $plan = Plan::of($job, BuildState::nothingDone());
            self::assertEquals(Trial::of($job)->plan, $plan->planFit);
            self::assertSame($plan->planFit?->outcome(), $plan->wholeKitFit()?->outcome());
        }
    }

    private static function said(FitReport $report): string
    {
        $read = new Reader(LengthUnit::Millimetre);

        return implode(' ', array_map(static fn (Finding $one): string => $read->say($one->reason), $report->findings));
    }
}
