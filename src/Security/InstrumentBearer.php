<?php

declare(strict_types=1);

namespace App\Security;

use App\UseCase\Instruments\InstrumentToken;
use App\UseCase\Instruments\InstrumentTokens;
use Psr\Clock\ClockInterface;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Core\User\UserProviderInterface;
use Symfony\Component\Security\Http\AccessToken\AccessTokenHandlerInterface;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;

/** For whom an instrument speaks: whoever made its token, while their account stands as it did then. */
final readonly class InstrumentBearer implements AccessTokenHandlerInterface
{
    /** A hand that measures is far slower. */
    private const REPORTS_A_MINUTE = 60;

    /** @param UserProviderInterface<Person> $people */
    public function __construct(
        private InstrumentTokens $tokens, private UserProviderInterface $people, private SignInTries $tries, private ClockInterface $clock,
    ) {
    }

    public function getUserBadgeFrom(#[\SensitiveParameter] string $accessToken): UserBadge
    {
        $token = $this->tokens->find(InstrumentToken::hash($accessToken)) ?? throw self::refused(
            'This token is not known here, or was ended: make another one under “Instruments” and give it to the bridge.',
        );
        if ($this->tries->count("instrument $token->id", 60) > self::REPORTS_A_MINUTE) {
            throw new TooManyReports();
        }
        $person = $this->people->loadUserByIdentifier($token->person);
        if ($person->epoch !== $token->epoch || $person->isSuspended) {
            throw self::refused('This token ended with the sessions of whom it speaks for: make another one under “Instruments”.');
        }
        $this->tokens->used($token, $this->clock->now());

        return new UserBadge($token->person, static fn (): Person => $person);
    }

    private static function refused(string $why): CustomUserMessageAuthenticationException
    {
        return new CustomUserMessageAuthenticationException($why);
    }
}
