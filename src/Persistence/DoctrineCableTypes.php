<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\CableTypes;
use App\UseCase\Listing;
use App\UseCase\SheetExists;
use App\UseCase\Who;
use Berm\Core\Cable\Construction;
use Berm\Core\Cable\Search\CableSearch;
use Berm\Core\Cable\Search\Facet;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\Fields;
use Berm\Core\Identification\Catalogue;
use Berm\Core\Quantity\LengthUnit;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Contracts\Cache\CacheInterface;

/** The library in PostgreSQL, by plain SQL where many rows go through at once. */
final readonly class DoctrineCableTypes implements CableTypes
{
    private const BATCH = 200;
    private const SIZE = "body->'conductor'->>'size'";

    /**
     * @param CacheInterface $catalogues the library made ready for comparing, as long as nothing is added
     * @param string         $era        tells this database from another one
     */
    public function __construct(
        private Connection $connection, private ClockInterface $clock, private CacheInterface $catalogues, private string $era,
    ) {
    }

    public function page(string $search, LengthUnit $first, int $page, int $perPage): Listing
    {
        [$where, $words] = self::matching($search);
        $total = $this->connection->fetchOne("SELECT COUNT(*) FROM sheet WHERE $where", $words);

        return Listing::read(
            $this->rows($where, $words, $first, $perPage, ($page - 1) * $perPage), \is_int($total) ? $total : 0, self::cable(...),
            static fn (array $row): string => Stored::text($row[1]),
        );
    }

    public function all(string $search): iterable
    {
        // What cannot be read is told in the list, and not handed over.
        return Listing::read(
            $this->rows(...[...self::matching($search), LengthUnit::Millimetre, null, 0]), 0, self::cable(...), static fn (): string => '',
        )->items;
    }

    public function catalogue(): Catalogue
    {
        return $this->catalogues->get(
            hash('xxh128', "$this->era/catalogue/".SheetRows::stamp($this->connection, 'cable')),
            fn (): Catalogue => Catalogue::of($this->all('')),
        );
    }

    public function add(Construction $cable, Who $by): void
    {
        [$added] = $this->addNew([$cable], $by);
        if ([] === $added) {
            throw SheetExists::revision($cable->revision);
        }
    }

    public function addNew(array $cables, Who $by): array
    {
        $body = static fn (Construction $cable): string => json_encode(
            CableTypeFile::write($cable), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE,
        );
        $added = [];
        foreach (array_chunk($cables, self::BATCH) as $batch) {
            $rows = implode(', ', array_fill(0, \count($batch), "('cable', ?, ?, ?, ?, ?, ?, ?, ".\sprintf(SheetRows::DIGEST, '?').')'));
            $values = array_merge(...array_map(fn (Construction $cable): array => [
                $cable->revision->id, $cable->revision->number, $cable->designation, $body($cable), $by->name,
                $this->clock->now()->format(\DATE_ATOM), $by->id, $body($cable),
            ], $batch));
            $stored = $this->connection->fetchAllNumeric(
                "INSERT INTO sheet (kind, sheet_id, revision, title, body, added_by, added_at, added_by_id, digest) VALUES $rows ON
                 CONFLICT DO NOTHING RETURNING sheet_id, revision",
                $values,
            );
            foreach ($stored as [$id, $revision]) {
                $added[json_encode([$id, $revision], \JSON_THROW_ON_ERROR)] = true;
            }
        }
        $isAdded = static fn (Construction $cable): bool => isset($added[json_encode(
            [$cable->revision->id, $cable->revision->number], \JSON_THROW_ON_ERROR,
        )]);

        return [
            array_values(array_filter($cables, $isAdded)),
            array_values(array_filter($cables, static fn (Construction $cable): bool => !$isAdded($cable))),
        ];
    }

    /** @return array{string, list<string>} a condition, and its values */
    private static function matching(string $search): array
    {
        $asked = CableSearch::of($search);
        $conditions = ["kind = 'cable'", SheetRows::NEWEST];
        $values = [];
        foreach ($asked->wanted as $wanted) {
            $conditions[] = self::field($wanted->facet).' IN ('.implode(', ', array_fill(0, \count($wanted->values), '?')).')';
            $values = [...$values, ...$wanted->values];
        }
        foreach ($asked->numbers as $number) {
            $conditions[] = 'title ~ ?';
            $values[] = "(^|[^0-9.])$number($|[^0-9.])";
        }
        $patterns = SearchWords::patterns(implode(' ', $asked->words));

        return [implode(' AND ', [...$conditions, ...array_fill(0, \count($patterns), 'title ILIKE ?')]), [...$values, ...$patterns]];
    }

    /** Where it stands in a cable type's open file. */
    private static function field(Facet $facet): string
    {
        return match ($facet) {
            Facet::Cores => "body->>'cores'",
            Facet::Material => "body->'conductor'->>'material'",
            Facet::Shape => "body->'conductor'->>'shape'",
            Facet::Size => self::SIZE,
            Facet::Voltage => "body->>'ratedVoltage'",
            Facet::Insulation => "body->>'insulation'",
            Facet::Screen => "body->>'metallicScreen'",
            Facet::Armour => "body->>'armour'",
        };
    }

    /**
     * @param list<string> $values
     *
     * @return iterable<array<mixed>> of its document and title
     */
    private function rows(string $where, array $values, LengthUnit $first, ?int $limit, int $offset): iterable
    {
        $page = null === $limit ? '' : \sprintf(' LIMIT %d OFFSET %d', $limit, $offset);
        $world = \sprintf("(%s LIKE '%%mm²') %s", self::SIZE, LengthUnit::Inch === $first ? 'ASC' : 'DESC');
        // 1×95 before 1×1000.
        $number = 'NULLIF(regexp_replace('.self::SIZE.", '\\D.*', ''), '')::int";

        return $this->connection->iterateNumeric(
            "SELECT body, title FROM sheet WHERE $where ORDER BY $world, body->>'cores', $number, title, sheet_id$page", $values,
        );
    }

    /** @param array<mixed> $row */
    private static function cable(array $row): Construction
    {
        return Fields::readText(Stored::text($row[0]), CableTypeFile::read(...));
    }
}
