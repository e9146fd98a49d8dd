<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Quantity;

use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\RangeUpsideDown;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Source of the decision rule: ISO 14253-1. */
final class JudgementTest extends TestCase
{
    /** @return iterable<string, array{string, Instrument, Verdict, string}> */
    public static function readings(): iterable
    {
        yield 'a nanometre below the lower limit' => ['56.999999', Instrument::SteelRule, Verdict::Out, '-0.000001 mm'];
        yield 'on the lower limit' => ['57', Instrument::SteelRule, Verdict::NotProved, '0 mm'];
        yield 'inside by less than the rule can tell' => ['57.4', Instrument::SteelRule, Verdict::NotProved, '0.4 mm'];
        yield 'inside by just the uncertainty' => ['57.5', Instrument::SteelRule, Verdict::Inside, '0.5 mm'];
        yield 'the same by tape' => ['57.5', Instrument::Tape, Verdict::NotProved, '0.5 mm'];
        yield 'near the limit by caliper' => ['57.06', Instrument::Caliper, Verdict::Inside, '0.06 mm'];
        yield 'beyond the upper limit' => ['61.5', Instrument::SteelRule, Verdict::Out, '-1.5 mm'];
    }

    #[Test]
    #[DataProvider('readings')]
    public function aLimitIsProvedOnlyByMoreThanTheUncertainty(
        string $typed, Instrument $instrument, Verdict $verdict, string $margin,
    ): void {
        $window = Range::between(Length::ofMillimetres(57), Length::ofMillimetres(60));
        $judgement = Judgement::ofReading(Reading::typed($typed, LengthUnit::Millimetre, $instrument), $window);

        self::assertSame([$verdict, $margin], [$judgement->verdict, $judgement->margin->toText()]);
    }

    /**
     * @return iterable<string, array{int, int, int|null, int|null, string, int}> what PHP and the browser must judge alike, in nanometres
     */
    public static function shared(): iterable
    {
        $text = (string) file_get_contents(\dirname(__DIR__, 3).'/cases/judgements.json');
        /**
         * @var list<array{name: string, value: int, uncertainty: int, min: int|null, max: int|null, verdict: string, margin: int}> $cases
         */
        $cases = json_decode($text, true, 8, \JSON_THROW_ON_ERROR);
        foreach ($cases as $case) {
            yield $case['name'] => [$case['value'], $case['uncertainty'], $case['min'], $case['max'], $case['verdict'], $case['margin']];
        }
    }

    #[Test]
    #[DataProvider('shared')]
    public function theCoreAndTheBrowserJudgeAlike(
        int $value, int $uncertainty, ?int $min, ?int $max, string $verdict, int $margin,
    ): void {
        [$least, $most] = array_map(
            static fn (?int $limit): ?Length => null === $limit ? null : Length::ofNanometres($limit), [$min, $max],
        );
        $window = match (true) {
            null === $least => Range::atMost($most ?? self::fail('a case has a limit')),
            null === $most => Range::atLeast($least),
            default => Range::between($least, $most),
        };
        $judgement = Judgement::of(Length::ofNanometres($value), Length::ofNanometres($uncertainty), $window);
        self::assertSame([$verdict, $margin], [$judgement->verdict->value, $judgement->margin->nanometres]);
    }

    #[Test]
    public function outByLessThanTheInstrumentCanTellIsStillOutAndSaysSo(): void
    {
        $judgement = Judgement::of(Length::ofMicrometres(60_300), Length::ofMicrometres(500), Range::atMost(Length::ofMillimetres(60)));

        self::assertSame([Verdict::Out, true, true], [$judgement->verdict, $judgement->isOutWithinUncertainty(), $judgement->isTooLong()]);
    }

    #[Test]
    public function aWindowUpsideDownCannotBeMade(): void
    {
        $this->expectException(RangeUpsideDown::class);
        $this->expectExceptionMessage('runs from 3 mm down to 2 mm: give the smaller limit first.');
        Range::between(Length::ofMillimetres(3), Length::ofMillimetres(2));
    }

    /** Source: common practice, as the design has it. */
    #[Test]
    public function instrumentsHaveTheirUsualUncertainty(): void
    {
        self::assertSame(
            ['1 mm', '0.5 mm', '0.05 mm', '0.1 mm'],
            array_map(static fn (Instrument $instrument): string => $instrument->uncertainty()->toText(), Instrument::cases()),
        );
    }
}
