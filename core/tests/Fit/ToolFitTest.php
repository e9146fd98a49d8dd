<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Fit;

use Berm\Core\Build\Done;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\ToolTaken;
use Berm\Core\Fit\Criterion;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\Outcome;
use Berm\Core\Fit\ToolFit;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Torque;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Demo;
use Berm\Core\Tool\BadTool;
use Berm\Core\Tool\Tool;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** On an elbow whose bolt wants 68 to 81 N·m (50 to 60 lbf·ft, common practice for a 600 A interface) and a lug that is crimped. */
final class ToolFitTest extends TestCase
{
    /** @return iterable<string, array{list<Tool>, Criterion, Outcome, string}> */
    public static function tools(): iterable
    {
        $press = static fn (string $die, string $until = '2027-01-01'): Tool => Tool::press(
            'p', 'Press', '', [$die], new \DateTimeImmutable($until),
        );
        yield 'no press named' => [
            [], Criterion::Die, Outcome::CannotTell, 'No press is named for this job yet: it needs the die hexagonal, Al 95.',
        ];
        yield 'the die is there' => [[$press('Hexagonal  Al 95')], Criterion::Die, Outcome::Fits, 'Press has the die hexagonal, Al 95.'];
        yield 'another die' => [
            [$press('hexagonal, Cu 95')],
            Criterion::Die,
            Outcome::DoesNotFit,
            'Press has no die hexagonal, Al 95: it has hexagonal, Cu 95.',
        ];
        yield 'one of two presses has it' => [
            [$press('hexagonal, Cu 95'), $press('hexagonal, Al 95')], Criterion::Die, Outcome::Fits, 'Press has the die hexagonal, Al 95.',
        ];
        yield 'calibrated to this day' => [
            [$press('hexagonal, Al 95', '2026-11-25')], Criterion::Calibration, Outcome::Fits, 'Press is calibrated until 2026-11-25.',
        ];
        yield 'a day over' => [
            [$press('hexagonal, Al 95', '2026-11-24')],
            Criterion::Calibration,
            Outcome::DoesNotFit,
            'The calibration of Press ran out on 2026-11-24: take another, or have it calibrated.',
        ];
        yield 'nobody knows' => [
            [Tool::press('p', 'Press', '', ['hexagonal, Al 95'], null)],
            Criterion::Calibration,
            Outcome::CannotTell,
            'Nobody has said until when Press is calibrated: look at its label.',
        ];
    }

    /** @param list<Tool> $tools */
    #[Test]
    #[DataProvider('tools')]
    public function aPressIsJudgedByItsDieAndItsCalibration(array $tools, Criterion $criterion, Outcome $outcome, string $says): void
    {
        $report = ToolFit::judge(Demo::connector('brasswick-al-95'), null, array_map(self::taken(...), $tools));
        self::assertFinding($report, $criterion, $outcome, $says);
    }

    /** @return Done<ToolTaken> */
    private static function taken(Tool $tool): Done
    {
        $event = new ToolTaken($tool);

        return new Done($event, Entry::of('e', 'tester', new \DateTimeImmutable('2026-11-25'), $event));
    }

    /** @return iterable<string, array{string, string, Outcome}> */
    public static function ranges(): iterable
    {
        yield 'both limits within' => ['20 N·m', '100 N·m', Outcome::Fits];
        yield 'in the other unit' => ['15 lbf·ft', '75 lbf·ft', Outcome::Fits];
        yield 'too small' => ['5 N·m', '25 N·m', Outcome::DoesNotFit];
        yield 'only just not' => ['20 N·m', '69.99 N·m', Outcome::DoesNotFit];
    }

    #[Test]
    #[DataProvider('ranges')]
    public function aWrenchReachesBothLimitsOfTheTorque(string $least, string $most, Outcome $outcome): void
    {
        $wrench = Tool::wrench('w', 'Wrench', '', Torque::parse($least), Torque::parse($most), null);
        $report = ToolFit::judge(Demo::connector('corvane-lug-1-0-250'), Demo::kit('harrow-elbow-600-25'), [self::taken($wrench)]);
        self::assertContains(
            $outcome,
            array_map(
                static fn ($finding): Outcome => $finding->outcome,
                array_values(array_filter($report->findings, static fn ($finding): bool => Criterion::TorqueReach === $finding->criterion)),
            ),
        );
    }

    #[Test]
    public function nothingStopsTheWorkBeforeAToolIsNamed(): void
    {
        self::assertTrue(ToolFit::judge(Demo::connector('brasswick-al-95'), Demo::kit('harrow-elbow-600-25'), [])->outcome()->lets());
    }

    #[Test]
    public function aPressHasDiesAndAWrenchARangeTheRightWayUp(): void
    {
        try {
            Tool::wrench('w', 'Wrench', '', Torque::parse('50 N·m'), Torque::parse('20 N·m'), null);
            self::fail('upside down');
        } catch (BadTool $bad) {
            self::assertSame('a torque wrench has a least and a greatest torque, the least first', $bad->getMessage());
        }
        $this->expectExceptionMessage('a crimp press has at least one die');
        Tool::press('p', 'Press', '', [], null);
    }

    private static function assertFinding(FitReport $report, Criterion $criterion, Outcome $outcome, string $says): void
    {
        foreach ($report->findings as $finding) {
            if ($finding->criterion === $criterion) {
                self::assertSame([$outcome, $says], [$finding->outcome, (new Reader(LengthUnit::Millimetre))->say($finding->reason)]);

                return;
            }
        }
        self::fail("no finding of $criterion->value");
    }
}
