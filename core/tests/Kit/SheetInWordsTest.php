<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Kit;

use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Words\Change;
use Berm\Core\Kit\Words\Rule;
use Berm\Core\Kit\Words\SheetInWords;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Example;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class SheetInWordsTest extends TestCase
{
    #[Test]
    public function everyRuleOfASheetIsAPlainSentenceInTheReadersUnit(): void
    {
        $said = self::said(self::sheet(Example::joint()), LengthUnit::Millimetre);
        self::assertSame(
            'When the connector is fixed by crimp: at the length of the connector ÷ 2 + 5 mm from the cable end; 0 mm less to 1 mm more will do.',
            $said['cut/insulation/1'],
        );
        self::assertSame(
            'When the connector is fixed by shear-bolt: at the length of the connector ÷ 2 from the cable end; 0 mm less to 1 mm more will do.',
            $said['cut/insulation/2'],
        );
        self::assertSame(
            'At the cut of the metallic screen + “tape left” from the cable end; 3 mm less to 3 mm more will do.',
            $said['cut/oversheath/1'],
        );
        self::assertSame('With: stripper, blade set to the thickness of the insulation - 0.3 mm.', $said['cut/insulation/tool']);
        self::assertSame(
            'Must cover at least 25 mm of the insulation screen, at each end.', $said['part/stress-tube/laps/insulation-screen'],
        );
        self::assertSame('Waits on end A or B before the connector.', $said['part/outer-sleeve/park']);
        $inches = self::said(self::sheet(Example::joint()), LengthUnit::Inch);
        self::assertSame(
            'At the cut of the metallic shield + “tape left” from the cable end; 0.118 in less to 0.118 in more will do.',
            $inches['cut/oversheath/1'],
        );
        self::assertSame(
            'Must cover at least 1 in of the insulation shield, at each end.', $inches['part/stress-tube/laps/insulation-screen'],
        );
    }

    #[Test]
    public function noNameOfAFormulaIsLeftInASentence(): void
    {
        foreach ([Example::joint(), Example::termination()] as $job) {
            foreach (self::said(self::sheet($job), LengthUnit::Millimetre) as $key => $sentence) {
                self::assertDoesNotMatchRegularExpression('/[a-z]_[a-z]|\{|\[/', $sentence, $key);
            }
        }
    }

    #[Test]
    public function twoRevisionsAreComparedRuleByRule(): void
    {
        $before = self::sheet(Example::joint());
        $changed = Example::with(Example::joint(), 'kit.sheet.sizes.0.dimensions.clear', '112 mm');
        $changed = Example::with($changed, 'kit.sheet.cuts.0.cases.0.reason', 'Another reason.');
        $changed = Example::with($changed, 'kit.sheet.parts.0.laps', ['metallic-screen' => '10 mm']);
        $changes = Change::between($before, self::sheet($changed));
        self::assertSame(
            ['size/M/clear', 'cut/oversheath/1', 'part/stress-tube/laps/metallic-screen', 'part/stress-tube/laps/insulation-screen'],
            array_map(static fn (Change $change): string => $change->key, $changes),
        );
        self::assertSame([true, true, false, true], array_map(static fn (Change $change): bool => null !== $change->before, $changes));
        self::assertSame([true, true, true, false], array_map(static fn (Change $change): bool => null !== $change->after, $changes));
        self::assertSame([], Change::between($before, self::sheet(Example::joint())), 'the same sheet has no change');
    }

    /** @return array<string, string> */
    private static function said(KitSheet $sheet, LengthUnit $unit): array
    {
        $rules = SheetInWords::of($sheet);
        $reader = new Reader($unit);

        return array_combine(
            array_map(static fn (Rule $rule): string => $rule->key, $rules),
            array_map(static fn (Rule $rule): string => $reader->say($rule->sentence), $rules),
        );
    }

    /** @param array<string, mixed> $job */
    private static function sheet(array $job): KitSheet
    {
        $sheet = Example::read($job)->job->sheet;
        self::assertNotNull($sheet);

        return $sheet;
    }
}
