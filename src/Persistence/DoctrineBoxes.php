<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Row\BoxRow;
use App\UseCase\Boxes;
use App\UseCase\BoxNotFound;
use App\UseCase\BoxTaken;
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
        if (null !== $this->entities->find(BoxRow::class, $box->id)) {
            return;
        }
        if ('' !== $box->serial && null !== $this->entities->getRepository(BoxRow::class)->findOneBy([
            'gtin' => $box->gtin->digits, 'serial' => $box->serial,
        ])) {
            throw BoxTaken::bySerial($box);
        }
        $this->entities->persist(new BoxRow(
            $box->id,
            $box->kit->id,
            $box->kit->number,
            $box->size,
            $box->gtin->digits,
            $box->batch,
            $box->serial,
            $box->madeOn,
            $box->expiresOn,
            $box->place,
            null,
            null,
            [],
            $by,
            $this->clock->now(),
        ));
        $this->entities->flush();
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
