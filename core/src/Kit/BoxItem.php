<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** Something that a box holds, and how many of it. */
final readonly class BoxItem
{
    public function __construct(public string $key, public string $name, public int $count)
    {
    }
}
