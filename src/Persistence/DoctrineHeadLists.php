<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\Chain\HeadList;
use App\UseCase\Chain\HeadLists;
use Doctrine\DBAL\Connection;

final readonly class DoctrineHeadLists implements HeadLists
{
    public function __construct(private Connection $connection)
    {
    }

    public function all(): iterable
    {
        foreach ($this->connection->iterateNumeric(
            'SELECT number, text, key, signature FROM head_list ORDER BY number',
        ) as [$number, $text, $key, $signature]) {
            yield HeadList::kept(\is_int($number) ? $number : 0, Stored::text($text), Stored::text($key), Stored::text($signature));
        }
    }

    public function add(HeadList $list): void
    {
        $this->connection->executeStatement(
            'INSERT INTO head_list (number, text, key, signature) VALUES (?, ?, ?, ?)', [
                $list->number, $list->text, $list->key, $list->signature,
            ],
        );
    }
}
