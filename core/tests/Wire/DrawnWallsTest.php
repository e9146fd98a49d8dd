<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Wire;

use Berm\Core\Job\Plan;
use Berm\Core\Tests\Demo;
use Berm\Core\Wire\SectionJson;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A first-edition sheet says no walls: its tubes are drawn all the same, one on the other, and their figures stay what is known. */
final class DrawnWallsTest extends TestCase
{
    /** The stress tube lies on screen and insulation, the sleeve over both its ends and beyond, on the sheath. */
    #[Test]
    public function whatIsNotSaidIsSeenAndLiftsWhatLiesOnIt(): void
    {
        $items = self::items('quillon-straight-12', '2', 'brasswick-al-95', ['A' => 'iec-1x95-al-12', 'B' => 'iec-1x95-al-12'], 'buried');
        foreach ($items as $item) {
            self::assertFalse($item['wallSaid']);
            self::assertSame(0.0, self::thickness($item['outline']), 'nothing is known of it');
            self::assertGreaterThan(0.1, self::thickness($item['drawn']));
        }
        $wall = self::thickness($items['stress-tube']['drawn']);
        [$stress, $insulating] = [self::at($items['stress-tube'], -120.0), self::at($items['insulating-tube'], -120.0)];
        self::assertSame($stress['outsideMm'], $insulating['insideMm'], 'one lies on the other');
        $sleeve = self::at($items['outer-sleeve'], -300.0);
        $known = self::at(['drawn' => $items['outer-sleeve']['outline']], -300.0);
        self::assertSame($known['insideMm'], $sleeve['insideMm'], 'beside the tubes nothing lifts it');
        self::assertEqualsWithDelta($known['outsideMm'] + $wall, $sleeve['outsideMm'], 0.002);
    }

    #[Test]
    public function whereEveryWallIsSaidItIsDrawnAsItIsKnown(): void
    {
        $items = self::items('osterwick-lined-15', '15 small', 'corvane-lug-1-0-250', ['A' => 'icea-1-0-cu-15-100'], 'indoor');
        self::assertNotEmpty($items);
        foreach ($items as $key => $item) {
            self::assertTrue($item['wallSaid'], "$key: wraps and zones have none to say");
            self::assertNull($item['drawn'], $key);
        }
    }

    /**
     * @param array<string, string> $cables
     *
     * @return array<string, array<string, mixed>> by key
     */
    private static function items(string $kit, string $size, string $connector, array $cables, string $place): array
    {
        $items = SectionJson::of(Plan::ofLog(Demo::job($kit, $size, $connector, $cables, $place), []))['items'] ?? null;
        self::assertIsArray($items);
        /** @var array<string, array<string, mixed>> $byKey */
        $byKey = array_column($items, null, 'key');

        return $byKey;
    }

    private static function thickness(mixed $outline): float
    {
        self::assertIsArray($outline);
        /** @var list<array<string, float>> $outline */
        $walls = array_map(static fn (array $one): float => $one['outsideMm'] - $one['insideMm'], $outline);

        return [] === $walls ? 0.0 : min($walls);
    }

    /**
     * @param array<string, mixed> $item
     *
     * @return array<string, float>
     */
    private static function at(array $item, float $mm): array
    {
        self::assertIsArray($item['drawn']);
        foreach ($item['drawn'] as $stretch) {
            self::assertIsArray($stretch);
            if ($stretch['fromMm'] <= $mm && $mm <= $stretch['toMm']) {
                /** @var array<string, float> $stretch */
                return $stretch;
            }
        }
        self::fail("nothing lies at $mm");
    }
}
