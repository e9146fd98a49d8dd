<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Stores\Box;

/** A box that came in. */
final readonly class AddedBox
{
    /** @param list<string> $skipped what its label says besides, which is not kept */
    public function __construct(public Box $box, public array $skipped)
    {
    }
}
