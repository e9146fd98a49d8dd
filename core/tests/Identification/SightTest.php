<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Identification;

use Berm\Core\Cable\Standard\Library;
use Berm\Core\Identification\Features;
use Berm\Core\Identification\Sight;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** By what the eye tells one cable from another: by nothing that only one of them has. */
final class SightTest extends TestCase
{
    /** @var array<string, Features> */
    private static array $all = [];

    private const FULL = 'icea-4-0-al-15-100-tr-xlpe-concentric-neutral-11-163';

    /** @return iterable<string, array{string, string, list<Sight>}> two cables, and all that tells them apart */
    public static function pairs(): iterable
    {
        yield 'the same' => [self::FULL, self::FULL, []];
        yield 'the metal' => ['iec-1x95-al-12', 'iec-1x95-cu-12', [Sight::Material]];
        yield 'the voltage cannot be seen' => ['iec-1x95-al-12', 'iec-1x95-al-24', []];
        yield 'wires or tape: no wires are counted on a tape' => ['iec-1x95-al-12', 'iec-1x95-al-12-copper-wire', [Sight::Screen]];
        yield 'the strands' => ['icea-4-0-al-15-100', 'icea-4-0-al-15-100-solid', [Sight::Strands]];
        yield 'cores and armour' => ['iec-1x95-al-12', 'iec-3x95-al-12-steel-wire', [Sight::Cores, Sight::Armour]];
    }

    /** @param list<Sight> $apart */
    #[Test]
    #[DataProvider('pairs')]
    public function theEyeTellsThemApartByThis(string $one, string $other, array $apart): void
    {
        [$first, $second] = [self::features($one), self::features($other)];
        $told = array_values(array_filter(Sight::cases(), static fn (Sight $sight): bool => $sight->tellsApart($first, $second)));
        self::assertEqualsCanonicalizing($apart, $told);
        self::assertSame(
            $told, array_values(array_filter(Sight::cases(), static fn (Sight $sight): bool => $sight->tellsApart($second, $first))),
        );
    }

    #[Test]
    public function wiresAreToldByTheirNumber(): void
    {
        $neutrals = array_filter(
            self::all(),
            static fn (string $id): bool => str_contains($id, 'icea-4-0-al-15-100-tr-xlpe-concentric-neutral') && self::FULL !== $id,
            \ARRAY_FILTER_USE_KEY,
        );
        self::assertNotEmpty($neutrals);
        $full = self::features(self::FULL);
        foreach ($neutrals as $id => $other) {
            self::assertSame($other->wireCount !== $full->wireCount, Sight::WireCount->tellsApart($full, $other), $id);
        }
    }

    private static function features(string $id): Features
    {
        return self::all()[$id] ?? self::fail("no cable $id");
    }

    /** @return array<string, Features> by id; the library is made once */
    private static function all(): array
    {
        if ([] === self::$all) {
            foreach (Library::all() as $cable) {
                self::$all[$cable->revision->id] = Features::of($cable->design);
            }
        }

        return self::$all;
    }
}
