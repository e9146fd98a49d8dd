<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Rework;

use Berm\Core\Kit\StepKind;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Rework\WaysOn;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Every way that is offered, carried out with exact readings, ends in a complete accessory. */
final class EveryWayTest extends TestCase
{
    /** Systems that are built fast. */
    private const FEW = [
        'harrow-anyscreen-35', 'harrow-deadbreak-25', 'harrow-skirted-35', 'harrow-sock-28', 'marlpike-drawn-24', 'marlpike-latched-35',
        'osterwick-lined-15', 'osterwick-pad-28', 'quillon-core-17', 'quillon-ribbed-36',
    ];

    /** @return iterable<string, array{\Closure(): Spoilt}> 20 seeded faults; 300 over all systems with BERM_BUILDS=all, by ./berm builds */
    public static function faults(): iterable
    {
        mt_srand(20261129);
        $isAll = 'all' === getenv('BERM_BUILDS');
        $sheets = $isAll ? Demo::second() : self::FEW;
        for ($i = 0; $i < ($isAll ? 300 : 20); ++$i) {
            $sheet = $sheets[$i % \count($sheets)];
            [$past, $which] = [mt_rand(1, 12), mt_rand(1, 30)];
            $lengths = self::lengths($sheet);
            $kind = ($i + intdiv($i, \count($sheets))) % 4;
            $length = static fn (int $at, int $by): Spoilt => Spoilt::atCheck(
                $sheet, $lengths[$at % \count($lengths)], Length::ofMillimetres($by),
            );
            yield "$i: $sheet, $past, $which" => [static fn (): Spoilt => self::first($which, static fn (int $at): Spoilt => match ($kind) {
                0 => Spoilt::at($sheet, self::cut($at, $past)),
                1 => Spoilt::atLook($sheet, $at),
                2 => $length($at, $past),
                default => $length($at, -$past),
            })];
        }
    }

    /**
     * Not every length has such a limit, nor every job so many looks: the next that there is.
     *
     * @param \Closure(int): Spoilt $make
     */
    private static function first(int $which, \Closure $make): Spoilt
    {
        for ($more = 0; $more < 40; ++$more) {
            try {
                return $make(($which + $more) % 40);
            } catch (\OutOfBoundsException) {
                continue;
            }
        }
        self::fail('nothing of that kind can be out');
    }

    /** @return \Closure(Mark): ?Length one cut of the job, too far */
    private static function cut(int $which, int $past): \Closure
    {
        $left = $which % 6;

        return static function (Mark $mark) use (&$left, $past): ?Length {
            return 0 > --$left ? $mark->tolerance->above->plus(Length::ofMillimetres($past)) : null;
        };
    }

    /** @return list<string> keys of the checks that measure between places */
    private static function lengths(string $sheet): array
    {
        $keys = [];
        foreach (Demo::kit($sheet)->stages as $stage) {
            foreach ($stage->steps as $step) {
                $keys = StepKind::Check === $step->kind && null !== $step->check?->measure() ? [...$keys, $step->check->key] : $keys;
            }
        }

        return $keys;
    }

    /** @param \Closure(): Spoilt $fault */
    #[Test]
    #[DataProvider('faults')]
    public function whatIsOfferedEndsComplete(\Closure $fault): void
    {
        $spoilt = $fault();
        $place = $spoilt->fault ?? $spoilt->spoilt ?? self::fail('something is out');
        self::assertNull(WaysOn::refusal($spoilt->plan, $place));
        $said = new Reader(LengthUnit::Millimetre);
        $carried = 0;
        foreach (WaysOn::from($spoilt->plan, $place, Demo::connectors(), []) as $way) {
            $job = $spoilt->again();
            if ($way->isOne() && $job->take($way)) {
                self::assertNull($job->toTheEnd(), $said->say($way->title));
                ++$carried;
            }
        }
        self::assertGreaterThan(0, $carried, 'a way that ends in this accessory');
    }
}
