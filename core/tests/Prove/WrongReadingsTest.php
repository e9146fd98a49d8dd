<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Prove;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Task;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Check\Measured;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\RuleKind;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Ruling;
use Berm\Core\Section\Section;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * Somebody cuts or sets something wrong and reads it as it is: either that is said on the spot, or every lap of the accessory still has what
 * the sheet asks for. The laps are worked out here once more, from nothing but where the layers and the items begin and end.
 *
 * Two hundred a sheet by ./berm builds, a few in the suite; the seed is the sheet's name.
 */
final class WrongReadingsTest extends TestCase
{
    private const WHOLE = 200;
    private const SAMPLE = 12;

    /** @return iterable<string, array{string}> */
    public static function sheets(): iterable
    {
        foreach ('all' === getenv('BERM_BUILDS') ? Demo::second() : ['harrow-sock-28', 'osterwick-lined-15', 'quillon-core-17'] as $sheet) {
            yield $sheet => [$sheet];
        }
    }

    #[Test]
    #[DataProvider('sheets')]
    public function aWrongReadingIsCaughtOrHarmless(string $sheet): void
    {
        $job = Demo::corner($sheet);
        [, $log] = Built::exactly($sheet);
        $readings = array_keys(array_filter($log, static fn (Entry $entry): bool => null !== self::reading($entry)));
        mt_srand(crc32($sheet));
        $caught = $harmless = 0;
        for ($i = 0; $i < ('all' === getenv('BERM_BUILDS') ? self::WHOLE : self::SAMPLE); ++$i) {
            $at = $readings[mt_rand(0, \count($readings) - 1)];
            $plan = self::with($job, $log, $at, mt_rand(-150, 150) / 10);
            if (self::isSaid($plan)) {
                ++$caught;
                continue;
            }
            $section = $plan->section ?? self::fail('it cannot be planned any more, and nothing is said');
            self::assertEveryLapHolds($section, "$sheet, entry $at");
            ++$harmless;
        }
        self::assertGreaterThan(0, $caught);
        self::assertSame('all' === getenv('BERM_BUILDS') ? self::WHOLE : self::SAMPLE, $caught + $harmless);
    }

    /**
     * @param list<Entry> $log
     * @param float       $by  in millimetres
     */
    private static function with(Job $job, array $log, int $at, float $by): Plan
    {
        $entry = $log[$at];
        $reading = self::reading($entry) ?? throw new \LogicException('a reading');
        $is = max(0.5, round($reading->value->inMillimetres() + $by, 1));
        $wrong = Reading::typed((string) $is, LengthUnit::Millimetre, Instrument::Caliper);
        $event = $entry->event instanceof CheckMade
            ? new CheckMade($entry->event->place, new Measured($wrong))
            : new CutMeasured($entry->event instanceof CutMeasured ? $entry->event->place : throw new \LogicException(), $wrong);

        return Plan::ofLog($job, [...\array_slice($log, 0, $at), Entry::of($entry->id, $entry->by, $entry->at, $event)]);
    }

    private static function reading(Entry $entry): ?Reading
    {
        return match (true) {
            $entry->event instanceof CutMeasured => $entry->event->reading,
            $entry->event instanceof CheckMade && $entry->event->answer instanceof Measured => $entry->event->answer->reading,
            default => null,
        };
    }

    private static function isSaid(Plan $plan): bool
    {
        $isOut = [] !== array_filter($plan->progress?->tasks() ?? [], static fn (Task $task): bool => $task->isOut);

        return $isOut || [] !== $plan->obstacles || null !== $plan->problem;
    }

    private static function assertEveryLapHolds(Section $section, string $where): void
    {
        foreach ($section->rulings as $ruling) {
            $lap = self::lap($section, $ruling);
            if (null !== $lap && null !== $ruling->window->min) {
                self::assertGreaterThanOrEqual($ruling->window->min->inMillimetres() - 0.01, $lap, "$where: $ruling->name");
            }
        }
    }

    /** How much of a layer that lies open a whole item covers; null of a rule that is about something else. */
    private static function lap(Section $section, Ruling $ruling): ?float
    {
        $layer = $ruling->place->of?->asLayer();
        $isOther = RuleKind::Laps !== $ruling->rule->kind || '' !== $ruling->rule->by || !$ruling->isBinding;
        if ($isOther || !$layer instanceof LayerKind || $ruling->place->where->core > 1) {
            return null;
        }
        $open = $item = null;
        foreach ($section->layers as $one) {
            $open = $one->key() === $layer->value && $one->end === $ruling->place->where->end ? $one : $open;
        }
        foreach ($section->items as $one) {
            $isHere = null === $one->end || $one->end === $ruling->place->where->end;
            $item = $isHere && $one->item->key === $ruling->place->item ? $one : $item;
        }

        return null === $open || null === $item ? null : self::overlap($item, $open->from->inMillimetres(), $open->to->inMillimetres());
    }

    private static function overlap(PlacedItem $item, float $from, float $to): float
    {
        $edges = [$item->from->nominal->inMillimetres(), $item->to->nominal->inMillimetres()];

        return min(max($edges), $to) - max(min($edges), $from);
    }
}
