<?php

declare(strict_types=1);

namespace App\Persistence;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * A connection that was kept open while the database stopped and came back is made anew before it is used, so that nobody's request meets
 * the old one.
 *
 * PHP looks at a kept connection once when it is taken up again, and there reads only the database's farewell; the end behind it is seen
 * at the
 * second look. A look reads what has come already: it costs no way to the database and back.
 */
#[AsMiddleware]
final class LiveConnection implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $connection = parent::connect($params);

                return self::isAlive($connection->getNativeConnection()) ? $connection : parent::connect($params);
            }

            private static function isAlive(mixed $native): bool
            {
                if (!$native instanceof \PDO) {
                    return true;
                }
                try {
                    $native->pgsqlGetNotify();
                    $native->pgsqlGetNotify();
                } catch (\PDOException) {
                    return false;
                }
                $status = $native->getAttribute(\PDO::ATTR_CONNECTION_STATUS);

                return !\is_string($status) || !str_contains(strtolower($status), 'bad');
            }
        };
    }
}
