<?php

declare(strict_types=1);

namespace App\Persistence;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/** The cluster is made with UTF-8 and speaks it unasked: SET NAMES would be a round trip in every request. */
#[AsMiddleware]
final class ServersEncoding implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                unset($params['charset']);

                return parent::connect($params);
            }
        };
    }
}
