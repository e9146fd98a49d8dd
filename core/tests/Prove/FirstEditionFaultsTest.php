<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Prove;

use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Margin\Proof;
use Berm\Core\Prove\Prover;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Sheets of the first edition as they once stood: what is wrong with them is found. */
final class FirstEditionFaultsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, float}> sheet, rule, what is said, and what is left at the worst, mm */
    public static function faults(): iterable
    {
        yield 'copper is left bare between breakout and tube' => [
            'quillon-end-3c-12', 'always-sealed no bare', 'bare past the breakout', -115.0,
        ];
        yield 'a sleeve ends half a metre short' => [
            'marlpike-pushon-12', 'always-sealed no bare', '503.8 mm bare before the outer sleeve', -515.4,
        ];
        yield 'a tube misses both sheaths' => [
            'quillon-long-joint-36', 'always-sealed no bare', '1003.8 mm bare before the outer tube', -1010.4,
        ];
        yield 'nothing seals the sheath' => ['osterwick-tape-joint-12', 'always-sealed no bare', '697.8 mm bare', -704.4];
        // Its tube begins 60 mm from the end of the insulation, and nothing lies there.
        yield 'an oil barrier leaves papers bare' => [
            'quillon-transition-17', 'always-oil no bare', '60 mm bare past the oil-barrier tube', -60.0,
        ];
        // A pad of 2.55 in before a bore of 1.5 in.
        yield 'a housing does not pass the pad' => ['harrow-elbow-600-25', 'housing passes', 'too narrow', -26.67];
        // A pad of 63 mm before a bore of 40 mm.
        yield 'nor does a seal tube' => ['quillon-end-3c-12', 'seal passes', 'too narrow', -23.0];
        yield 'a body runs off its screen' => [
            'harrow-allinone-28', 'body laps insulation-screen', '19.1 mm of the insulation screen', -9.22,
        ];
    }

    #[Test]
    #[DataProvider('faults')]
    public function isFound(string $sheet, string $rule, string $says, float $worst): void
    {
        $report = Prover::prove(
            Fields::readText((string) file_get_contents(__DIR__."/../FirstEdition/$sheet.json"), KitSheetFile::read(...)),
        );
        self::assertFalse($report->isProved());
        foreach ($report->shortfalls as $one) {
            if ($one->of === $rule) {
                self::assertSame(Proof::Fails, $one->proof);
                self::assertStringContainsString($says, (new Reader(LengthUnit::Millimetre))->say($one->reason));
                self::assertSame($worst, round(($one->worst->nanometres ?? 0) / 1e6, 2));
                self::assertNotNull($one->corner, 'and can be opened as a job');

                return;
            }
        }
        self::fail("$rule is not found");
    }
}
