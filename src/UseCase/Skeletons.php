<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Writing\Skeleton;

/**
 * What a new sheet can be begun from: one sheet of each kind of accessory, shipped with the application.
 *
 * @phpstan-import-type Document from Skeleton
 */
interface Skeletons
{
    /** @return list<array{id: string, title: string, function: string, technology: string, cores: int}> */
    public function all(): array;

    /** @return Document|null with nothing of its maker's in it; null where there is none that is called so */
    public function find(string $id): ?array;

    /** @return Document|null the sheet that it was made of, whose figures stand in where a draft is drawn */
    public function like(string $id): ?array;
}
