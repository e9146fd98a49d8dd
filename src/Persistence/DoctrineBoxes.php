<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Row\BoxRow;
use App\UseCase\Boxes;
use App\UseCase\BoxNotFound;
use App\UseCase\BoxTaken;
use App\UseCase\IdTaken;
use Berm\Core\Revision;
use Berm\Core\Stores\Box;
use Berm\Core\Stores\Gtin;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

final readonly class DoctrineBoxes implements Boxes
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock)
    {
    }

    public function get(string $id): Box
    {
        return self::box($this->entities->find(BoxRow::class, $id) ?? throw BoxNotFound::withId($id));
    }

    public function page(?string $kit, ?string $size, int $page, int $perPage): array
    {
        $rows = $this->entities->getRepository(BoxRow::class)->findBy(
            self::of($kit, $size), ['expiresOn' => 'ASC', 'id' => 'ASC'], $perPage, ($page - 1) * $perPage,
        );

        return array_map(self::box(...), $rows);
    }

    public function count(?string $kit, ?string $size): int
    {
        return $this->entities->getRepository(BoxRow::class)->count(self::of($kit, $size));
    }

    public function add(Box $box, string $by): void
    {
        // One statement decides: of two that are sent at once, or of two labels with one serial number, one is stored.
        $stored = $this->entities->getConnection()->executeStatement(
            "INSERT INTO box (id, kit_id, kit_revision, size, gtin, batch, serial, made_on, expires_on, place, missing, added_by, added_at)
             VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, '[]', ?, ?) ON CONFLICT DO NOTHING",
            [
                $box->id, $box->kit->id, $box->kit->number, $box->size, $box->gtin->digits, $box->batch, $box->serial,
                $box->madeOn?->format('Y-m-d'), $box->expiresOn?->format('Y-m-d'), $box->place, $by, $this->clock->now()
                    ->format(\DATE_ATOM),
            ],
        );
        if (1 === (int) $stored) {
            return;
        }
        $there = $this->entities->find(BoxRow::class, $box->id) ?? throw BoxTaken::bySerial($box);
        if ([$there->gtin, $there->batch, $there->serial] !== [$box->gtin->digits, $box->batch, $box->serial]) {
            throw IdTaken::by('box', $box->id);
        }
    }

    public function change(string $id, callable $change): Box
    {
        return $this->entities->wrapInTransaction(function () use ($id, $change): Box {
            $row = $this->entities->find(BoxRow::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw BoxNotFound::withId($id);
            $changed = $change(self::box($row));
            [$row->reservedFor, $row->openedAt, $row->missing] = [$changed->reservedFor, $changed->openedAt, $changed->missing];

            return $changed;
        });
    }

    /** @return array<string, string> */
    private static function of(?string $kit, ?string $size): array
    {
        return array_filter(['kitId' => $kit, 'size' => $size], static fn (?string $value): bool => null !== $value);
    }

    private static function box(BoxRow $row): Box
    {
        return new Box(
            $row->id, Revision::of($row->kitId, $row->kitRevision), $row->size, Gtin::parse($row->gtin), $row->batch, $row->serial,
            $row->madeOn, $row->expiresOn, $row->place, $row->reservedFor, $row->openedAt, $row->missing,
        );
    }
}
