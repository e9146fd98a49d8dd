<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Row\SheetRow;
use App\UseCase\Listing;
use App\UseCase\SheetExists;
use App\UseCase\SheetNotFound;
use App\UseCase\Sheets;
use App\UseCase\Who;
use Berm\Core\Cable\Construction;
use Berm\Core\Connector\Connector;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\ConnectorFile;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Revision;
use Berm\Core\Stores\Gtin;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Contracts\Cache\CacheInterface;

/** Sheets in PostgreSQL; every load passes through the core's own readers, so bad data is found at the door. */
final class DoctrineSheets implements Sheets
{
    /** @var array<string, Construction|KitSheet|Connector> */
    private array $read = [];

    /**
     * @param CacheInterface $parsed revisions never change, so one reading of each is enough for all requests
     * @param string         $era    tells this database from another one, whose revisions may differ
     */
    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
        private readonly CacheInterface $parsed,
        private readonly string $era,
    ) {
    }

    public function cable(Revision $revision): Construction
    {
        return $this->one('cable', $revision, CableTypeFile::read(...), Construction::class);
    }

    public function kit(Revision $revision): KitSheet
    {
        return $this->one('kit', $revision, KitSheetFile::read(...), KitSheet::class);
    }

    public function connector(Revision $revision): Connector
    {
        return $this->one('connector', $revision, ConnectorFile::read(...), Connector::class);
    }

    public function kits(): Listing
    {
        return $this->newest('kit', KitSheetFile::read(...), KitSheet::class);
    }

    public function newestKit(string $id): ?KitSheet
    {
        $newest = $this->newestOf('kit', $id);

        return null === $newest ? null : $this->kit($newest);
    }

    public function newestConnector(string $id): ?Connector
    {
        $newest = $this->newestOf('connector', $id);

        return null === $newest ? null : $this->connector($newest);
    }

    public function connectors(string $search, int $page, int $perPage): Listing
    {
        $patterns = SearchWords::patterns($search);
        $where = "kind = 'connector' AND ".SheetRows::NEWEST.str_repeat(
            " AND (title || ' ' || (body ->> 'maker')) ILIKE ?", \count($patterns),
        );
        $connection = $this->entities->getConnection();
        $rows = $connection->fetchAllNumeric(
            \sprintf(
                "SELECT sheet_id, revision FROM sheet WHERE $where ORDER BY title, sheet_id LIMIT %d OFFSET %d",
                $perPage,
                ($page - 1) * $perPage,
            ),
            $patterns,
        );
        $total = $connection->fetchOne("SELECT COUNT(*) FROM sheet WHERE $where", $patterns);

        return Listing::read(
            $rows, \is_int($total) ? $total : 0, fn (array $row): Connector => $this->connector(self::revision($row)), self::rowId(...),
        );
    }

    public function kitsWithItem(Gtin $item): array
    {
        // As a sheet writes it, with or without the zeros in front.
        $rows = $this->entities->getConnection()->fetchAllNumeric(
            "SELECT sheet_id, revision FROM sheet WHERE kind = 'kit' AND EXISTS (SELECT 1 FROM jsonb_array_elements(body->'sizes') size
             WHERE LPAD(REPLACE(size->>'gtin', ' ', ''), 14, '0') = ?) ORDER BY revision DESC, sheet_id",
            [$item->digits],
        );

        return array_map(fn (array $row): KitSheet => $this->kit(self::revision($row)), $rows);
    }

    public function addKit(KitSheet $sheet, string $by, Who $last): void
    {
        $this->add('kit', $sheet->revision, $sheet->name, KitSheetFile::write($sheet), $by, $last->id);
    }

    public function addConnector(Connector $connector, Who $by): void
    {
        $this->add('connector', $connector->revision, $connector->name, ConnectorFile::write($connector), $by->name, $by->id);
    }

    /**
     * @template T of Construction|KitSheet|Connector
     *
     * @param callable(Fields): T $read
     * @param class-string<T>     $class
     *
     * @return T
     */
    private function one(string $kind, Revision $revision, callable $read, string $class): object
    {
        $key = hash('xxh128', "$this->era/$kind/$revision->id/$revision->number");
        $known = $this->read[$key] ??= $this->parsed->get($key, fn (): object => Fields::read($this->row($kind, $revision)->body, $read));

        return $known instanceof $class ? $known : throw SheetNotFound::revision($kind, $revision);
    }

    /**
     * @template T of Construction|KitSheet|Connector
     *
     * @param callable(Fields): T $read
     * @param class-string<T>     $class
     *
     * @return Listing<T>
     */
    private function newest(string $kind, callable $read, string $class): Listing
    {
        $rows = $this->entities->getConnection()->fetchAllNumeric(
            'SELECT sheet_id, revision FROM sheet WHERE kind = ? AND '.SheetRows::NEWEST.' ORDER BY title, sheet_id', [$kind],
        );

        return Listing::read(
            $rows, \count($rows), fn (array $row): object => $this->one($kind, self::revision($row), $read, $class), self::rowId(...),
        );
    }

    /** @param array<mixed> $row of its id and number */
    private static function revision(array $row): Revision
    {
        return Revision::of(Stored::text($row[0]), \is_int($row[1]) ? $row[1] : 0);
    }

    /** @param array<mixed> $row */
    private static function rowId(array $row): string
    {
        return Stored::text($row[0]);
    }

    private function newestOf(string $kind, string $id): ?Revision
    {
        $number = $this->entities->getConnection()->fetchOne(
            'SELECT MAX(revision) FROM sheet WHERE kind = ? AND sheet_id = ?', [$kind, $id],
        );

        return \is_int($number) ? Revision::of($id, $number) : null;
    }

    private function row(string $kind, Revision $revision): SheetRow
    {
        return $this->entities->find(SheetRow::class, ['kind' => $kind, 'sheetId' => $revision->id, 'revision' => $revision->number])
            ?? throw SheetNotFound::revision($kind, $revision);
    }

    /** @param array<string, mixed> $body */
    private function add(string $kind, Revision $revision, string $title, array $body, string $by, string $byId): void
    {
        $stored = $this->entities->getConnection()->executeStatement(
            'INSERT INTO sheet (kind, sheet_id, revision, title, body, added_by, added_at, added_by_id, digest)
             VALUES (:kind, :id, :revision, :title, :body, :by, :at, :byId, '.\sprintf(SheetRows::DIGEST, ':body').') ON CONFLICT DO NOTHING',
            [
                'kind' => $kind, 'id' => $revision->id, 'revision' => $revision->number, 'title' => $title,
                'body' => json_encode($body, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE), 'by' => $by,
                'at' => $this->clock->now()->format(\DATE_ATOM), 'byId' => $byId,
            ],
        );
        if (0 === (int) $stored) {
            throw SheetExists::revision($revision);
        }
    }
}
