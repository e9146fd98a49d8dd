<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Stores\Box;

/** What stands on the shelves. */
interface Boxes
{
    /** @throws BoxNotFound */
    public function get(string $id): Box;

    /**
     * The first to expire first, those of unknown expiry last.
     *
     * @param string|null $kit of one sheet only
     *
     * @return list<Box>
     */
    public function page(?string $kit, ?string $size, int $page, int $perPage): array;

    public function count(?string $kit, ?string $size): int;

    /** Harmless when the same box was added before. @throws BoxTaken when another one has its item and serial number */
    public function add(Box $box, string $by): void;

    /**
     * Changes a box while nobody else can.
     *
     * @param callable(Box): Box $change
     *
     * @throws BoxNotFound
     */
    public function change(string $id, callable $change): Box;
}
