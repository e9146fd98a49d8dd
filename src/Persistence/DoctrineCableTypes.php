<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\CableTypes;
use App\UseCase\SheetExists;
use Berm\Core\Cable\Construction;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\Fields;
use Berm\Core\Identification\Catalogue;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Contracts\Cache\CacheInterface;

/** The library in PostgreSQL, by plain SQL where many rows go through at once. */
final readonly class DoctrineCableTypes implements CableTypes
{
    private const BATCH = 200;

    /**
     * @param CacheInterface $catalogues the library made ready for comparing, as long as nothing is added
     * @param string         $era        tells this database from another one
     */
    public function __construct(private Connection $connection, private ClockInterface $clock, private CacheInterface $catalogues, private string $era)
    {
    }

    public function page(string $search, int $page, int $perPage): array
    {
        [$where, $words] = self::matching($search);
        $total = $this->connection->fetchOne("SELECT COUNT(*) FROM sheet WHERE $where", $words);

        return [[...$this->read($where, $words, $perPage, ($page - 1) * $perPage)], \is_int($total) ? $total : 0];
    }

    public function all(string $search): iterable
    {
        return $this->read(...[...self::matching($search), null, 0]);
    }

    public function catalogue(): Catalogue
    {
        return $this->catalogues->get(hash('xxh128', "$this->era/catalogue/".SheetRows::stamp($this->connection, 'cable')), fn (): Catalogue => Catalogue::of($this->all('')));
    }

    public function add(Construction $cable, string $by): void
    {
        [$added] = $this->addNew([$cable], $by);
        if ([] === $added) {
            throw SheetExists::revision($cable->revision);
        }
    }

    public function addNew(array $cables, string $by): array
    {
        $added = [];
        foreach (array_chunk($cables, self::BATCH) as $batch) {
            $rows = implode(', ', array_fill(0, \count($batch), "('cable', ?, ?, ?, ?, ?, ?)"));
            $values = array_merge(...array_map(fn (Construction $cable): array => [
                $cable->revision->id, $cable->revision->number, $cable->designation, json_encode(CableTypeFile::write($cable), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE), $by, $this->clock->now()->format(\DATE_ATOM),
            ], $batch));
            $stored = $this->connection->fetchAllNumeric("INSERT INTO sheet (kind, sheet_id, revision, title, body, added_by, added_at) VALUES $rows ON CONFLICT DO NOTHING RETURNING sheet_id, revision", $values);
            foreach ($stored as [$id, $revision]) {
                $added[json_encode([$id, $revision], \JSON_THROW_ON_ERROR)] = true;
            }
        }
        $isAdded = static fn (Construction $cable): bool => isset($added[json_encode([$cable->revision->id, $cable->revision->number], \JSON_THROW_ON_ERROR)]);

        return [array_values(array_filter($cables, $isAdded)), array_values(array_filter($cables, static fn (Construction $cable): bool => !$isAdded($cable)))];
    }

    /** @return array{string, list<string>} a condition, and its values */
    private static function matching(string $search): array
    {
        // "3x95" is how a keyboard writes 3×95.
        $patterns = SearchWords::patterns((string) preg_replace('/(?<=\d)x(?=\d)/i', '×', $search));

        return ["kind = 'cable' AND ".SheetRows::NEWEST.str_repeat(' AND title ILIKE ?', \count($patterns)), $patterns];
    }

    /**
     * @param list<string> $values
     *
     * @return \Generator<int, Construction>
     */
    private function read(string $where, array $values, ?int $limit, int $offset): \Generator
    {
        $page = null === $limit ? '' : \sprintf(' LIMIT %d OFFSET %d', $limit, $offset);
        $rows = $this->connection->iterateNumeric("SELECT body FROM sheet WHERE $where ORDER BY title, sheet_id$page", $values);
        foreach ($rows as [$body]) {
            yield Fields::readText(\is_string($body) ? $body : '', CableTypeFile::read(...));
        }
    }
}
