<?php

declare(strict_types=1);

namespace App\Tests\Persistence;

use App\Persistence\DoctrineSignInTries;
use App\Security\SignInTries;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;

final class SignInTriesTest extends KernelTestCase
{
    private SignInTries $tries;

    protected function setUp(): void
    {
        $this->tries = self::getContainer()->get(DoctrineSignInTries::class);
    }

    #[Test]
    public function eachTryIsCountedOnceAndByItsOwnKey(): void
    {
        $count = fn (string $of): int => $this->tries->count($of, 60);
        self::assertSame([1, 2, 1, 3], [$count('a'), $count('a'), $count('b'), $count('a')]);
        $this->tries->forget('a');
        self::assertSame([1, 2], [$count('a'), $count('b')]);
    }

    /** A window of no seconds is over at once. */
    #[Test]
    public function theCountBeginsAnewWhenTheWindowIsOver(): void
    {
        $this->tries->count('a', 60);
        self::assertSame([1, 1], [$this->tries->count('a', 0), $this->tries->count('a', 0)]);
    }
}
