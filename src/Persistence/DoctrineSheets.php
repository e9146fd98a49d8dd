<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Row\SheetRow;
use App\UseCase\SheetExists;
use App\UseCase\SheetNotFound;
use App\UseCase\Sheets;
use Berm\Core\Cable\Construction;
use Berm\Core\Connector\Connector;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\ConnectorFile;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Revision;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** Sheets in PostgreSQL; every load passes through the core's own readers, so bad data is found at the door. */
final class DoctrineSheets implements Sheets
{
    /** @var array<string, Construction|KitSheet|Connector> revisions never change, so one reading of each is enough */
    private array $read = [];

    public function __construct(private readonly EntityManagerInterface $entities, private readonly ClockInterface $clock)
    {
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

    public function cables(): array
    {
        return $this->newest('cable', CableTypeFile::read(...), Construction::class);
    }

    public function kits(): array
    {
        return $this->newest('kit', KitSheetFile::read(...), KitSheet::class);
    }

    public function connectors(): array
    {
        return $this->newest('connector', ConnectorFile::read(...), Connector::class);
    }

    public function addCable(Construction $cable, string $by): void
    {
        $this->add('cable', $cable->revision, $cable->designation, CableTypeFile::write($cable), $by);
    }

    public function addKit(KitSheet $sheet, string $by): void
    {
        $this->add('kit', $sheet->revision, $sheet->name, KitSheetFile::write($sheet), $by);
    }

    public function addConnector(Connector $connector, string $by): void
    {
        $this->add('connector', $connector->revision, $connector->name, ConnectorFile::write($connector), $by);
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
        $known = $this->read[self::key($kind, $revision)] ?? null;
        if ($known instanceof $class) {
            return $known;
        }
        $row = $this->entities->find(SheetRow::class, ['kind' => $kind, 'sheetId' => $revision->id, 'revision' => $revision->number])
            ?? throw SheetNotFound::revision($kind, $revision);

        return $this->remember($row, $read);
    }

    /**
     * @template T of Construction|KitSheet|Connector
     *
     * @param callable(Fields): T $read
     * @param class-string<T>     $class
     *
     * @return list<T>
     */
    private function newest(string $kind, callable $read, string $class): array
    {
        $rows = $this->entities->createQueryBuilder()->select('sheet')->from(SheetRow::class, 'sheet')
            ->where('sheet.kind = :kind')
            ->andWhere('sheet.revision = (SELECT MAX(other.revision) FROM '.SheetRow::class.' other WHERE other.kind = sheet.kind AND other.sheetId = sheet.sheetId)')
            ->orderBy('sheet.title')->setParameter('kind', $kind)->getQuery()->getResult();
        $sheets = [];
        foreach (\is_array($rows) ? $rows : [] as $row) {
            if ($row instanceof SheetRow) {
                $known = $this->read[self::key($kind, Revision::of($row->sheetId, $row->revision))] ?? null;
                $sheets[] = $known instanceof $class ? $known : $this->remember($row, $read);
            }
        }

        return $sheets;
    }

    /**
     * @template T of Construction|KitSheet|Connector
     *
     * @param callable(Fields): T $read
     *
     * @return T
     */
    private function remember(SheetRow $row, callable $read): object
    {
        $sheet = Fields::read($row->body, $read);
        $this->read[self::key($row->kind, $sheet->revision)] = $sheet;

        return $sheet;
    }

    /** @param array<string, mixed> $body */
    private function add(string $kind, Revision $revision, string $title, array $body, string $by): void
    {
        if (null !== $this->entities->find(SheetRow::class, ['kind' => $kind, 'sheetId' => $revision->id, 'revision' => $revision->number])) {
            throw SheetExists::revision($revision);
        }
        $this->entities->persist(new SheetRow($kind, $revision->id, $revision->number, $title, Stored::form($body), $by, $this->clock->now()));
        $this->entities->flush();
    }

    private static function key(string $kind, Revision $revision): string
    {
        return "$kind/$revision->id/$revision->number";
    }
}
