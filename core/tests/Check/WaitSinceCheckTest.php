<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Check;

use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Check\Waited;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\BadKitSheet;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Bright aluminium is dull again within minutes: what was brushed is in the connector soon after. Common practice. */
final class WaitSinceCheckTest extends TestCase
{
    private const SHEET = 'harrow-anyscreen-35';

    #[Test]
    public function theClockStartsWithTheAnswerToAnotherCheck(): void
    {
        $job = Demo::corner(self::SHEET);
        foreach (Built::stepByStep($job) as $task => $built) {
            if ('soon' !== $task->check?->key) {
                continue;
            }
            $brushed = array_values(array_filter(
                $built->log, static fn ($one): bool => $one->event instanceof CheckMade && 'brushed' === $one->event->place->check,
            ));
            self::assertCount(2, $brushed);
            self::assertEquals($brushed[0]->doneAt(), $task->since, 'the end that was brushed first');
            foreach (['+9 minutes' => 'inside', '+11 minutes' => 'out'] as $later => $verdict) {
                $made = new CheckMade($task->checkPlace() ?? self::fail(), Waited::itOut());
                $entry = $built->plan?->entry('in', 'tester', $brushed[0]->doneAt()->modify($later), $made) ?? self::fail();
                $now = Plan::ofLog($job, [...$built->log, $entry])->progress?->task($made->place);
                self::assertSame($verdict, $now?->verdict?->verdict->value, $later);
            }

            return;
        }
        self::fail('it is not asked');
    }

    #[Test]
    public function aClockStartsOnceAndWithACheckThatTheStageHas(): void
    {
        $at = static fn (array $more): string => Demo::changed('kits/'.self::SHEET, array_combine(
            array_map(static fn (string $key): string => 'stages.'.self::at().".steps.1.check.$key", array_keys($more)), $more,
        ));
        try {
            Fields::readText($at(['check' => 'gone']), KitSheetFile::read(...));
            self::fail('there is no such check');
        } catch (BadKitSheet|BadDocument $bad) {
            self::assertStringContainsString('gone', $bad instanceof BadDocument ? $bad->problems[0]->message : $bad->getMessage());
        }
        try {
            Fields::readText($at(['set' => 'body']), KitSheetFile::read(...));
            self::fail('two clocks');
        } catch (BadDocument $bad) {
            self::assertStringContainsString('a clock starts once', $bad->problems[0]->message);
        }
    }

    #[Test]
    public function theSheetSaysItInWords(): void
    {
        $read = new Reader(LengthUnit::Millimetre);
        $words = implode("\n", array_map(
            static fn ($rule): string => $read->say($rule->sentence), \Berm\Core\Kit\Words\SheetInWords::of(Demo::kit(self::SHEET)),
        ));
        self::assertStringContainsString('counted from the answer to "Strands bright, with the brush of this metal"', $words);
    }

    private static function at(): int
    {
        foreach (Demo::kit(self::SHEET)->stages as $i => $stage) {
            if ('join' === $stage->key) {
                return $i;
            }
        }
        self::fail('there is no such stage');
    }
}
