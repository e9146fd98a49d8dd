<?php

declare(strict_types=1);

namespace App\Security;

/** What a password must be: long rather than odd (NIST SP 800-63B, 5.1.1), and within what bcrypt looks at. */
final class Password
{
    private const SHORTEST = 10;
    private const LONGEST_BYTES = 72;
    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    /** @throws AccountRefused */
    public static function ensure(string $field, #[\SensitiveParameter] string $password, string $name): void
    {
        $letters = \count(array_unique(mb_str_split(mb_strtolower($password))));
        match (true) {
            !mb_check_encoding($password, 'UTF-8'), mb_strlen($password) < self::SHORTEST => throw AccountRefused::because(
                $field, 'must have at least '.self::SHORTEST.' characters; a few words in a row are good.',
            ),
            \strlen($password) > self::LONGEST_BYTES => throw AccountRefused::because(
                $field, 'is longer than '.self::LONGEST_BYTES.' bytes, more than would be looked at: take a shorter one.',
            ),
            $letters < 5, str_contains(mb_strtolower($password), mb_strtolower($name)) => throw AccountRefused::because(
                $field, 'is easily guessed: take one of more different characters and without your name.',
            ),
            default => null,
        };
    }

    /** To be read out over the telephone: no letters and figures that look or sound alike. About 59 bits. */
    public static function oneTime(): string
    {
        $groups = array_map(static fn (): string => implode('', array_map(
            static fn (): string => self::LETTERS[random_int(0, \strlen(self::LETTERS) - 1)], range(1, 4),
        )), range(1, 3));

        return implode('-', $groups);
    }
}
