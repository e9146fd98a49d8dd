<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Writing;

use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Demo;
use Berm\Core\Writing\Name;
use Berm\Core\Writing\Names;
use Berm\Core\Writing\Skeleton;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What formulas may use is offered with what it means, of a sheet that is not sound yet as of one that is. */
final class NamesTest extends TestCase
{
    #[Test]
    public function saysWhatEachStandsFor(): void
    {
        $names = self::meanings(Demo::kitJson('osterwick-lined-15'));
        self::assertSame('cut of the oversheath, from the end of the conductor', $names['cut_oversheath']);
        self::assertSame('Marker: its edge towards the connector or lug', $names['marker_near']);
        self::assertSame('Earth braid: Block: its edge towards the cable', $names['braid_block_far']);
        self::assertSame('Cut of the metallic screen, cut_oversheath - copper_left', $names['copper_left']);
        foreach ($names as $name => $meaning) {
            self::assertNotSame(str_replace('_', ' ', $name), $meaning, 'a name is not its meaning');
        }
    }

    #[Test]
    public function ofASkeletonAreThoseOfTheSheet(): void
    {
        $sheet = Demo::kitJson('quillon-pairs-36');
        self::assertSame(array_keys(self::meanings($sheet)), array_keys(self::meanings(Skeleton::ofSheet($sheet, 'x'))));
    }

    /** Formulas of the sheets use nothing that is not offered. */
    #[Test]
    public function nothingThatFormulasKnowIsLeftOut(): void
    {
        foreach (SkeletonTest::kinds() as [$kit]) {
            $offered = self::meanings(Demo::kitJson($kit));
            foreach (Demo::kit($kit)->names() as $name) {
                self::assertArrayHasKey($name, $offered, $kit);
            }
        }
    }

    #[Test]
    public function whatIsHalfWrittenIsNoTrouble(): void
    {
        $known = \count(Names::of([]));
        self::assertGreaterThan(40, $known);
        self::assertCount($known, Names::of(['sizes' => 'x', 'items' => [1, ['key' => 5]], 'asked' => [[]]]));
    }

    /**
     * @param array<mixed> $sheet
     *
     * @return array<string, string>
     */
    private static function meanings(array $sheet): array
    {
        $reader = new Reader(LengthUnit::Millimetre);
        $names = Names::of($sheet);

        return array_combine(
            array_map(static fn (Name $one): string => $one->name, $names),
            array_map(static fn (Name $one): string => $reader->say($one->meaning), $names),
        );
    }
}
