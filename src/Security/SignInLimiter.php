<?php

declare(strict_types=1);

namespace App\Security;

use Symfony\Component\HttpFoundation\RateLimiter\AbstractRequestRateLimiter;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Security\Http\SecurityRequestAttributes;

/** Five failed sign-ins a minute for one name from one address, a hundred from one address. */
final class SignInLimiter extends AbstractRequestRateLimiter
{
    public function __construct(
        private readonly RateLimiterFactory $global,
        private readonly RateLimiterFactory $local,
        #[\SensitiveParameter] private readonly string $secret,
    ) {
    }

    protected function getLimiters(Request $request): array
    {
        $name = $request->attributes->get(SecurityRequestAttributes::LAST_USERNAME, '');
        $address = (string) $request->getClientIp();

        return [
            $this->global->create($this->key($address)),
            $this->local->create($this->key(mb_strtolower(\is_string($name) ? $name : '').'-'.$address)),
        ];
    }

    private function key(string $of): string
    {
        return hash_hmac('sha256', $of, $this->secret);
    }
}
