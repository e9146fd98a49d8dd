<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Security\SignInTries;
use Doctrine\DBAL\Connection;

/** One statement for each try: the row's lock keeps two at once apart. */
final readonly class DoctrineSignInTries implements SignInTries
{
    public function __construct(private Connection $connection)
    {
    }

    public function count(string $of, int $seconds): int
    {
        $this->connection->executeStatement("DELETE FROM sign_in_try WHERE began_at < clock_timestamp() - interval '1 day'");
        // A minute that began in the future was counted by a clock that has been set back since: it is over.
        $tries = $this->connection->fetchOne(
            'INSERT INTO sign_in_try (key, began_at, tries) VALUES (:key, clock_timestamp(), 1)
            ON CONFLICT (key) DO UPDATE SET
                tries = CASE WHEN sign_in_try.began_at BETWEEN clock_timestamp() - make_interval(secs => :seconds) AND clock_timestamp()
                    THEN sign_in_try.tries + 1 ELSE 1 END,
                began_at = CASE WHEN sign_in_try.began_at BETWEEN clock_timestamp() - make_interval(secs => :seconds) AND clock_timestamp()
                    THEN sign_in_try.began_at ELSE clock_timestamp() END
            RETURNING tries',
            ['key' => $of, 'seconds' => $seconds],
        );

        return is_numeric($tries) ? (int) $tries : throw new \LogicException('it returns the tries');
    }

    public function forget(string $of): void
    {
        $this->connection->executeStatement('DELETE FROM sign_in_try WHERE key = ?', [$of]);
    }
}
