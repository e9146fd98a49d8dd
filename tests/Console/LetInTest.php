<?php

declare(strict_types=1);

namespace App\Tests\Console;

use App\Security\Accounts;
use App\Security\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

final class LetInTest extends KernelTestCase
{
    /** @return iterable<string, array{string}> */
    public static function names(): iterable
    {
        yield 'somebody who is there' => ['trainer'];
        yield 'somebody new' => ['moss'];
    }

    #[Test]
    #[DataProvider('names')]
    public function theyAreAdministratorAndComeInOnce(string $name): void
    {
        $tester = $this->letIn($name);
        self::assertSame(0, $tester->getStatusCode(), $tester->getDisplay());
        self::assertMatchesRegularExpression('/within a week, with (\w{4}-){2}\w{4}$/', trim($tester->getDisplay()));
        $account = self::getContainer()->get(Accounts::class)->find($name);
        self::assertSame([Role::Administrator, null], [$account?->role, $account?->suspendedAt]);
        self::assertNotNull($account?->oneTimeUntil);
    }

    #[Test]
    public function aNameThatCannotBeIsRefused(): void
    {
        $tester = $this->letIn('No Body');
        self::assertSame([1, true], [$tester->getStatusCode(), str_starts_with($tester->getDisplay(), 'name must be of small letters')]);
    }

    private function letIn(string $name): CommandTester
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('berm:let-in'));
        $tester->execute(['name' => $name]);

        return $tester;
    }
}
