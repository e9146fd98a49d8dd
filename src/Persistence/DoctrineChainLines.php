<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\Chain\ChainLine;
use App\UseCase\Chain\ChainLines;
use Doctrine\DBAL\Connection;

final readonly class DoctrineChainLines implements ChainLines
{
    public function __construct(private Connection $connection)
    {
    }

    public function all(?string $job): iterable
    {
        $rows = $this->connection->iterateNumeric(
            'SELECT job_id, sequence, id, format, sheets, body, hash FROM log_entry '
            .(null === $job ? '' : 'WHERE job_id = ? ').'ORDER BY job_id, sequence',
            null === $job ? [] : [$job],
        );
        foreach ($rows as [$of, $sequence, $id, $format, $sheets, $body, $hash]) {
            yield new ChainLine(
                Stored::text($of), \is_int($sequence) ? $sequence : 0, Stored::text($id), \is_int($format) ? $format : 0,
                Stored::text($sheets),
                Stored::text($body), Stored::text($hash),
            );
        }
    }

    public function digests(array $pinned): array
    {
        $digests = [];
        foreach (array_chunk($pinned, 500) as $some) {
            $rows = $this->connection->fetchAllNumeric(
                "SELECT kind || ' ' || sheet_id || ' ' || revision, ".\sprintf(SheetRows::DIGEST, 'body')
                ." FROM sheet WHERE kind || ' ' || sheet_id || ' ' || revision IN (".implode(', ', array_fill(0, \count($some), '?')).')',
                $some,
            );
            foreach ($rows as [$sheet, $digest]) {
                $digests[Stored::text($sheet)] = Stored::text($digest);
            }
        }

        return $digests;
    }
}
