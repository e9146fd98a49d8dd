<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Quantity;

use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Quantity\UnreadableLength;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class LengthTest extends TestCase
{
    /** @return iterable<string, array{string, LengthUnit, int|null, string|null}> */
    public static function typedLengths(): iterable
    {
        /** @var list<array{name: string, text: string, unit: string, nanometres?: int, fault?: string}> $cases */
        $cases = json_decode((string) file_get_contents(__DIR__.'/../../../cases/length-texts.json'), true, 8, \JSON_THROW_ON_ERROR);
        foreach ($cases as $case) {
            yield $case['name'] => [$case['text'], LengthUnit::from($case['unit']), $case['nanometres'] ?? null, $case['fault'] ?? null];
        }
    }

    /** What the words of each fault must say; the browser has the same faults by code. */
    private const FAULTS = [
        'empty' => 'is empty', 'not-a-length' => 'is not a length', 'negative' => 'is negative',
        'two-separators' => 'could be read in two ways',
        'unknown-unit' => 'is not a unit of length', 'metric-fraction' => 'fractions are read in inches only',
        'bad-fraction' => 'is not an inch fraction',
        'too-long' => 'longer than 100 m', 'too-fine' => 'finer than a nanometre', 'twelve-inches' => 'fewer than 12 inches',
    ];

    #[Test]
    #[DataProvider('typedLengths')]
    public function whatAPersonTypedIsALengthOrAClearError(string $text, LengthUnit $bare, ?int $nanometres, ?string $fault): void
    {
        if (null !== $fault) {
            $this->expectException(UnreadableLength::class);
            $this->expectExceptionMessage(self::FAULTS[$fault]);
        }
        self::assertSame($nanometres, Length::parse($text, $bare)->nanometres);
    }

    /** A diameter, a wall and a cut have an extent; a step or a gap that is checked may be 0. */
    #[Test]
    public function aReadingOfSomethingIsNeverNought(): void
    {
        $nought = Reading::typed('0', LengthUnit::Millimetre, Instrument::Caliper);
        self::assertSame(0, $nought->value->nanometres);
        $this->expectExceptionMessage('is 0: type what the instrument says.');
        $nought->ofSomething();
    }

    #[Test]
    public function openFilesMayNotLeaveTheUnitOut(): void
    {
        self::assertSame(44_450_000, Length::parseWithUnit('1 3/4 in')->nanometres);
        $this->expectExceptionMessage('"44.5" has no unit: write 44.5 mm or 44.5 in.');
        Length::parseWithUnit('44.5');
    }

    #[Test]
    public function hostileTextIsCutAndCleanedBeforeItIsQuoted(): void
    {
        try {
            Length::parse(str_repeat("<b>\u{202e}", 500), LengthUnit::Millimetre);
            self::fail('must be refused');
        } catch (UnreadableLength $error) {
            self::assertLessThan(150, mb_strlen($error->getMessage()));
            self::assertStringNotContainsString("\u{202e}", $error->getMessage());
        }
    }

    /** Source: GNU units, run here; the inch is exactly 25.4 mm by the 1959 agreement. */
    #[Test]
    public function inchesFractionsMilsAndFeetAgreeWithGnuUnits(): void
    {
        foreach ([
            '1|64 in' => '1/64',
            '3|4 in' => '3/4',
            '1+11|16 in' => '1-11/16',
            '875 mil' => '875 mil',
            '0.362 in' => '0.362',
            '3 ft' => '3 ft',
            '13.5 in' => '13 1/2',
        ] as $expression => $typed) {
            $expression = str_contains($expression, '+') ? '('.str_replace(' in', ') in', $expression) : $expression;
            $output = shell_exec(\sprintf('units -t -o %%.12g %s nm', escapeshellarg($expression)));
            self::assertIsString($output, 'GNU units must be installed');
            self::assertEqualsWithDelta((float) trim($output), Length::parse($typed, LengthUnit::Inch)->nanometres, 1e-3, $typed);
        }
    }

    #[Test]
    public function addingSixtyFourthsNeverDrifts(): void
    {
        $sum = Length::ofNanometres(0);
        for ($i = 0; $i < 64 * 12; ++$i) {
            $sum = $sum->plus(Length::ofSixtyFourths(1));
        }
        self::assertTrue($sum->equals(Length::parse('12 in', LengthUnit::Millimetre)));
        self::assertSame('304.8 mm', $sum->toText());
    }

    /** @return iterable<string, array{int, int, Rounding, int}> */
    public static function divisions(): iterable
    {
        yield 'down' => [10, 3, Rounding::Down, 3];
        yield 'up' => [10, 3, Rounding::Up, 4];
        yield 'nearest, below a half' => [10, 3, Rounding::Nearest, 3];
        yield 'nearest, a half goes away from zero' => [5, 2, Rounding::Nearest, 3];
        yield 'nearest, a negative half goes away from zero' => [-5, 2, Rounding::Nearest, -3];
        yield 'a negative goes down' => [-10, 3, Rounding::Down, -4];
        yield 'a negative goes up' => [-10, 3, Rounding::Up, -3];
        yield 'a negative goes to the nearest' => [-10, 3, Rounding::Nearest, -3];
        yield 'a whole result is not rounded' => [-9, 3, Rounding::Up, -3];
    }

    #[Test]
    #[DataProvider('divisions')]
    public function whoeverDividesSaysWhichWayItIsRounded(int $nanometres, int $divisor, Rounding $rounding, int $result): void
    {
        self::assertSame($result, Length::ofNanometres($nanometres)->dividedBy($divisor, $rounding)->nanometres);
    }

    /** @return iterable<string, array{string, string}> */
    public static function shownFractions(): iterable
    {
        yield 'nearest sixteenth, lowest terms' => ['57 mm', '2 1/4'];
        yield 'a whole inch' => ['25.4 mm', '1'];
        yield 'below one inch' => ['7/16 in', '7/16'];
        yield 'a half' => ['13 1/2 in', '13 1/2'];
        yield 'nothing' => ['0 mm', '0'];
    }

    #[Test]
    #[DataProvider('shownFractions')]
    public function inchesAreShownAsATapeHasThem(string $length, string $shown): void
    {
        self::assertSame($shown, LengthFormat::inchFraction(Length::parseWithUnit($length), 16));
    }

    #[Test]
    public function millimetresDropZerosAndCaliperInchesKeepThem(): void
    {
        self::assertSame(
            ['57', '57.5', '57.3', '-3'],
            array_map(
                static fn (int $um): string => LengthFormat::millimetres(Length::ofMicrometres($um)), [57_000, 57_500, 57_250, -3_000],
            ),
        );
        self::assertSame(['1.000', '0.362'], [LengthFormat::inches(Length::ofMils(1000)), LengthFormat::inches(Length::ofMils(362))]);
        self::assertSame('3.716667', LengthFormat::exactMillimetres(Length::ofNanometres(3_716_667)));
    }
}
