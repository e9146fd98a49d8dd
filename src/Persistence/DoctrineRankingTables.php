<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\Listing;
use App\UseCase\RankingTables;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\ConnectorKind;
use Berm\Core\File\ConnectorFile;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Ranking\ConnectorTable;
use Berm\Core\Ranking\KitTable;
use Doctrine\DBAL\Connection;
use Symfony\Contracts\Cache\CacheInterface;

/** Made once from all sheets in PostgreSQL, and again when one was added. */
final readonly class DoctrineRankingTables implements RankingTables
{
    /** @param string $era tells this database from another one */
    public function __construct(private Connection $connection, private CacheInterface $tables, private string $era)
    {
    }

    public function kits(AccessoryFunction $function): KitTable
    {
        return $this->kept(
            'kit',
            $function->value,
            fn (): KitTable => KitTable::of($this->newest('kit', 'function', $function->value, KitSheetFile::read(...))),
        );
    }

    public function connectors(ConnectorKind $kind): ConnectorTable
    {
        return $this->kept(
            'connector',
            $kind->value,
            fn (): ConnectorTable => ConnectorTable::of(iterator_to_array(
                $this->newest('connector', 'kind', $kind->value, ConnectorFile::read(...)), false,
            )),
        );
    }

    /**
     * @template T of KitTable|ConnectorTable
     *
     * @param \Closure(): T $make
     *
     * @return T
     */
    private function kept(string $kind, string $of, \Closure $make): object
    {
        return $this->tables->get(hash('xxh128', "$this->era/$kind-table/$of/".SheetRows::stamp($this->connection, $kind)), $make);
    }

    /**
     * One by one, since there may be thousands.
     *
     * @template T of KitSheet|Connector
     *
     * @param callable(Fields): T $read
     *
     * @return \Generator<int, T> the newest revision of each whose $field is $value, by name
     */
    private function newest(string $kind, string $field, string $value, callable $read): \Generator
    {
        $rows = $this->connection->iterateNumeric(
            'SELECT body FROM sheet WHERE kind = ? AND body ->> ? = ? AND '.SheetRows::NEWEST.' ORDER BY title, sheet_id',
            [$kind, $field, $value],
        );
        foreach ($rows as $row) {
            // What cannot be read is told in the list of sheets; nobody can choose it.
            yield from Listing::read(
                [$row], 1, static fn (array $row): object => Fields::readText(Stored::text($row[0]), $read), static fn (): string => '',
            )->items;
        }
    }
}
