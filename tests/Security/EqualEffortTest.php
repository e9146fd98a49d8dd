<?php

declare(strict_types=1);

namespace App\Tests\Security;

use App\Security\EqualEffort;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\PasswordHasher\PasswordHasherInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\BadCredentialsException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\AuthenticatorInterface;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\PasswordCredentials;
use Symfony\Component\Security\Http\Authenticator\Passport\Passport;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Yaml\Yaml;

/** A name that nobody has is answered with the work of a wrong password: one verification, as costly as the others. */
final class EqualEffortTest extends TestCase
{
    /** @return iterable<string, array{AuthenticationException, int}> what failed, and how often a password was verified after that */
    public static function failures(): iterable
    {
        yield 'nobody has the name' => [new UserNotFoundException(), 1];
        yield 'hidden behind another' => [new BadCredentialsException('', 0, new UserNotFoundException()), 1];
        yield 'a wrong password was verified already' => [new BadCredentialsException(), 0];
    }

    #[Test]
    #[DataProvider('failures')]
    public function theSameIsDone(AuthenticationException $error, int $times): void
    {
        $hasher = $this->createMock(PasswordHasherInterface::class);
        $hasher->expects(self::exactly($times))->method('verify')->with(EqualEffort::NOBODYS, 'a guess')->willReturn(false);
        $hashers = self::createStub(PasswordHasherFactoryInterface::class);
        $hashers->method('getPasswordHasher')->willReturn($hasher);
        $passport = new Passport(new UserBadge('somebody'), new PasswordCredentials('a guess'));
        (new EqualEffort($hashers))->onFailure(new LoginFailureEvent(
            $error, self::createStub(AuthenticatorInterface::class), new Request(), null, 'main', $passport,
        ));
    }

    #[Test]
    public function nobodysHashCostsWhatThoseOfPeopleCost(): void
    {
        $config = Yaml::parseFile(__DIR__.'/../../config/packages/security.yaml');
        self::assertIsArray($config);
        $hashers = \is_array($config['security']) ? $config['security']['password_hashers'] : [];
        self::assertSame(['algorithm' => 'bcrypt', 'cost' => 11], \is_array($hashers) ? array_values($hashers)[0] : null);
        self::assertFalse(password_needs_rehash(EqualEffort::NOBODYS, \PASSWORD_BCRYPT, ['cost' => 11]));
    }
}
