<?php

declare(strict_types=1);

namespace App\Http;

/**
 * What keeps the database from answering that is nobody's mistake and passes, or is settled by looking again: told by its error code
 * (PostgreSQL, appendix A), wherever in
 * the chain of errors that stands.
 */
enum DatabaseTrouble
{
    case Away;
    case Full;
    case TooSlow;
    /** Two at once wanted the same: the other one has it. */
    case Crossed;

    public static function of(\Throwable $error): ?self
    {
        for (; null !== $error; $error = $error->getPrevious()) {
            if ($error instanceof \PDOException && null !== $trouble = self::ofCode((string) $error->getCode(), $error->getMessage())) {
                return $trouble;
            }
        }

        return null;
    }

    public function told(): string
    {
        return match ($this) {
            self::Away => 'The database does not answer just now. What is stored is safe, and what you typed is kept; '
                .'Berm tries again by itself.',
            self::Full => 'The disk of the server is full, so nothing can be stored. What was stored is safe, and what you typed is kept. '
                .'Tell the administrator.',
            self::Crossed => 'Somebody else stored the same at the same moment. Look at it again, then try once more.',
            self::TooSlow => 'The database took too long over this. Nothing was stored. Try again, or ask for less.',
        };
    }

    private static function ofCode(string $code, string $message): ?self
    {
        return match (true) {
            // Disk full; out of shared memory or of space for a file.
            '53100' === $code, '53200' === $code, '58030' === $code && str_contains($message, 'No space') => self::Full,
            '23505' === $code, '40001' === $code, '40P01' === $code => self::Crossed,
            '57014' === $code, '55P03' === $code => self::TooSlow,
            // Connection exceptions; shut down, crashed, not ready yet; too many connections. 7 is libpq's own, without a code of the
            // server.
            str_starts_with($code, '08'), str_starts_with($code, '57P'), '53300' === $code => self::Away,
            'HY000' === $code, '7' === $code => 1 === preg_match(
                '/server closed|no connection|could not connect|connection to server/', $message,
            )
                ? self::Away : null,
            default => null,
        };
    }
}
