<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Check;

use Berm\Core\Check\Circumstances;
use Berm\Core\Check\Counted;
use Berm\Core\Check\CountWithin;
use Berm\Core\Formula\Dimension;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Values;
use Berm\Core\Formula\Vocabulary;
use Berm\Core\Kit\BadKitSheet;
use Berm\Core\Quantity\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class CountWithinTest extends TestCase
{
    /** @return iterable<string, array{int|null, int|null, int, bool}> least, most, counted, and whether it is within */
    public static function counts(): iterable
    {
        yield 'the least' => [2, 4, 2, true];
        yield 'one less' => [2, 4, 1, false];
        yield 'the most' => [2, 4, 4, true];
        yield 'one more' => [2, 4, 5, false];
        yield 'none, with no least' => [null, 4, 0, true];
        yield 'many, with no most' => [2, null, 999, true];
        yield 'none, with a least' => [1, null, 0, false];
    }

    #[Test]
    #[DataProvider('counts')]
    public function bothLimitsBelongToIt(?int $least, ?int $most, int $count, bool $isWithin): void
    {
        $when = new Circumstances(Values::of([]), new \DateTimeImmutable('2026-03-14'), null);
        self::assertSame(
            $isWithin ? Verdict::Inside : Verdict::Out, self::within($least, $most)->judge(new Counted($count), $when)->verdict,
        );
    }

    #[Test]
    public function limitsUpsideDownAreRefused(): void
    {
        self::assertSame([3, 3], self::within(3, 3)->window(Values::of([])));
        $this->expectException(BadKitSheet::class);
        self::within(4, 3);
    }

    /** Two of four sheared bolts are not all of them, whatever connector it is. */
    #[Test]
    public function aLimitFollowsTheConnector(): void
    {
        $all = Formula::parse('bolts', Vocabulary::withDimensions([]), Dimension::Number);
        $sheared = static fn (int $count, float $bolts): Verdict => CountWithin::between($all, $all)->judge(
            new Counted($count), new Circumstances(Values::of(['bolts' => $bolts]), null, null),
        )->verdict;

        self::assertSame([Verdict::Out, Verdict::Inside, Verdict::Inside, Verdict::Out], [
            $sheared(2, 4.0), $sheared(4, 4.0), $sheared(2, 2.0), $sheared(4, 2.0),
        ]);
    }

    private static function within(?int $least, ?int $most): CountWithin
    {
        return CountWithin::between(
            null === $least ? null : Formula::ofNumber($least), null === $most ? null : Formula::ofNumber($most),
        );
    }
}
