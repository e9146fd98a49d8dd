<?php

declare(strict_types=1);

namespace App\Security;

use Symfony\Component\HttpFoundation\RateLimiter\RequestRateLimiterInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\RateLimiter\RateLimit;
use Symfony\Component\Security\Http\SecurityRequestAttributes;

/**
 * Five tries a minute for one name from one address, a hundred from one address. Each is counted before the password is looked at, so that
 * many at once do not slip through together.
 */
final readonly class SignInLimiter implements RequestRateLimiterInterface
{
    private const SECONDS = 60;
    private const OF_A_NAME = 5;
    private const OF_AN_ADDRESS = 100;

    public function __construct(private SignInTries $tries, #[\SensitiveParameter] private string $secret)
    {
    }

    public function consume(Request $request): RateLimit
    {
        $ofName = $this->tries->count($this->ofName($request), self::SECONDS);
        $ofAddress = $this->tries->count($this->key((string) $request->getClientIp()), self::SECONDS);
        $left = min(self::OF_A_NAME - $ofName, self::OF_AN_ADDRESS - $ofAddress);

        return new RateLimit(max(0, $left), new \DateTimeImmutable('+'.self::SECONDS.' seconds'), $left >= 0, self::OF_A_NAME);
    }

    /** Whoever got in has no failed tries any more; those of others from the same address still count. */
    public function reset(Request $request): void
    {
        $this->tries->forget($this->ofName($request));
    }

    private function ofName(Request $request): string
    {
        $name = $request->attributes->get(SecurityRequestAttributes::LAST_USERNAME, '');

        return $this->key(SignInName::of(\is_string($name) ? $name : '').'-'.$request->getClientIp());
    }

    private function key(string $of): string
    {
        return hash_hmac('sha256', $of, $this->secret);
    }
}
