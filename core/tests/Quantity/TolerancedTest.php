<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Quantity;

use Berm\Core\Quantity\Toleranced;
use Berm\Core\Quantity\UnreadableLength;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class TolerancedTest extends TestCase
{
    /** @return iterable<string, array{string, float, float, string}> text, least and most in mm, as it is written again */
    public static function texts(): iterable
    {
        yield 'exact' => ['44 mm', 44.0, 44.0, '44 mm'];
        yield 'either way' => ['44 mm ± 1.5 mm', 42.5, 45.5, '44 mm ± 1.5 mm'];
        yield 'either way, typed' => ['44 mm +/- 1 mm', 43.0, 45.0, '44 mm ± 1 mm'];
        yield 'two sides' => ['44 mm - 0 mm + 2 mm', 44.0, 46.0, '44 mm - 0 mm + 2 mm'];
        yield 'two sides with a true minus' => ['44 mm −3 mm +2 mm', 41.0, 46.0, '44 mm - 3 mm + 2 mm'];
        yield 'a fraction keeps its hyphen' => ['1-3/4 in', 44.45, 44.45, '1 3/4 in'];
        yield 'fractions either way' => ['1 3/4 in ± 1/16 in', 42.8625, 46.0375, '1 3/4 in ± 1/16 in'];
    }

    #[Test]
    #[DataProvider('texts')]
    public function isReadAndWritten(string $text, float $least, float $most, string $again): void
    {
        $length = Toleranced::parse($text);
        self::assertSame([$least, $most], [$length->least()->nanometres / 1e6, $length->most()->nanometres / 1e6]);
        self::assertTrue(Toleranced::parse($length->toText())->equals($length));
        self::assertTrue(Toleranced::parse($again)->equals($length));
    }

    #[Test]
    #[DataProvider('nonsense')]
    public function whatIsNoneIsRefusedWithItsMend(string $text, string $says): void
    {
        $this->expectException(UnreadableLength::class);
        $this->expectExceptionMessageMatches("~$says~u");
        Toleranced::parse($text);
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        yield 'one side only' => ['44 mm - 1 mm', '"- 1 mm" does not say what a length may differ: write "± 1 mm"'];
        yield 'no unit of the tolerance' => ['44 mm ± 1', 'has no unit'];
        yield 'no length' => ['mm ± 1 mm', 'not a length'];
    }
}
