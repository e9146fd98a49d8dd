<?php

declare(strict_types=1);

namespace App\Security;

/** A sign-in name as it is kept: whoever types it with a space or a capital means the same person, wherever it is looked at. */
final class SignInName
{
    public static function of(string $typed): string
    {
        return mb_strtolower((string) preg_replace('/\A[\s\p{Z}\p{C}]+|[\s\p{Z}\p{C}]+\z/u', '', mb_scrub($typed)));
    }
}
