<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Prove;

use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\File\ProofFile;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Prove\Fault;
use Berm\Core\Prove\Prover;
use Berm\Core\Prove\Shortfall;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A leaflet that contradicts itself: both numbers are kept, and it is said where the other one bites. A size that was copied. */
final class DoubtsTest extends TestCase
{
    private const KIT = 'kits/osterwick-lined-15';

    #[Test]
    public function theOtherNumberIsProvedTooAndWhereItBitesIsSaid(): void
    {
        // The table says 26 mm, the drawing 70: the creepage of 90 mm, and the lap of the control, are then gone.
        $report = Prover::prove(self::contradicted('70 mm'));
        self::assertTrue($report->isProved(), 'what the sheet takes holds');
        [$doubt] = $report->doubts;
        self::assertSame(['5', 'screen_left', '26 mm', '70 mm'], [
            $doubt->size, $doubt->doubt->dimension, $doubt->taken->toText(), $doubt->doubt->other->toText(),
        ]);
        self::assertContains('creepage distance', array_map(static fn (Shortfall $one): string => $one->of, $doubt->shortfalls));
        self::assertSame('creepage', $doubt->shortfalls[0]->part?->key);
    }

    #[Test]
    public function anotherNumberThatChangesNothingIsSaidToHoldAsWell(): void
    {
        [$doubt] = Prover::prove(self::contradicted('27 mm'))->doubts;
        self::assertSame([], $doubt->shortfalls);
    }

    /** Who waits for a proof is told how far it is, the other numbers included: so a request can be ended in time. */
    #[Test]
    public function theOtherNumbersCountAmongWhatIsDone(): void
    {
        $told = [];
        Prover::prove(self::contradicted('27 mm'), static function (int $done, int $all) use (&$told): void {
            $told[] = [$done, $all];
        });
        $last = $told[\count($told) - 1];
        self::assertSame($last[1], $last[0], 'all is done at the end');
        self::assertGreaterThan(\count($told) / 2, $last[1]);
        $this->expectExceptionMessage('enough');
        $isOfSheet = Prover::prove(self::sheet([]))->plans;
        Prover::prove(self::contradicted('27 mm'), static function (int $done) use ($isOfSheet): void {
            $done <= $isOfSheet + 3 || throw new \RuntimeException('enough');
        });
    }

    #[Test]
    public function bothNumbersAreKeptWhenItIsWrittenAndReadAgain(): void
    {
        $written = json_encode(KitSheetFile::write(self::contradicted('30 mm')), \JSON_THROW_ON_ERROR);
        $size = array_values(self::read($written)->sizes)[0];
        self::assertSame('26 mm', $size->dimensions['screen_left']->toText());
        self::assertSame('30 mm', $size->doubts[0]->other->toText());
        self::assertSame('The drawing on page 2', $size->doubts[0]->reason);
    }

    #[Test]
    public function aContradictionOfNothingIsRefused(): void
    {
        $this->expectException(BadDocument::class);
        $this->expectExceptionMessage('sizes[0].contradicted[0].dimension is no dimension of this size: use one of reach');
        self::contradicted('30 mm', 'screen_lef');
    }

    #[Test]
    public function theSameNumberTwiceIsNoContradiction(): void
    {
        $this->expectException(BadDocument::class);
        $this->expectExceptionMessage('sizes[0].contradicted[0].other is the number that the size has');
        self::contradicted('26.0 mm');
    }

    /** Its leaflet lets two sizes overlap, so nothing else would show it. */
    #[Test]
    public function aSizeWithTheRangesOfAnotherIsFound(): void
    {
        $size = Demo::kitJson('osterwick-lined-15')['sizes'];
        self::assertIsArray($size);
        $copy = [...\is_array($size[1]) ? $size[1] : [], 'label' => '15 copied', 'gtin' => '09521230001281'];
        $report = Prover::prove(self::sheet(['sizes.3' => $copy]));
        self::assertSame([Fault::SizesAlike], array_map(static fn (Shortfall $one): Fault => $one->fault, $report->shortfalls));
        self::assertStringContainsString(
            'Size 15 copied takes the very same cables and connectors as size 15 small',
            json_encode(ProofFile::write($report), \JSON_THROW_ON_ERROR),
        );
        $other = Prover::prove(self::sheet(['sizes.3' => [...$copy, 'oversheath' => ['min' => '24 mm', 'max' => '38 mm']]]));
        self::assertSame([], $other->shortfalls);
    }

    private static function contradicted(string $other, string $dimension = 'screen_left'): KitSheet
    {
        return self::sheet(['sizes.0.contradicted' => [
            ['dimension' => $dimension, 'other' => $other, 'reason' => 'The drawing on page 2'],
        ]]);
    }

    /** @param array<string, mixed> $changes */
    private static function sheet(array $changes): KitSheet
    {
        return self::read(Demo::changed(self::KIT, $changes));
    }

    private static function read(string $text): KitSheet
    {
        return Fields::readText($text, KitSheetFile::read(...));
    }
}
