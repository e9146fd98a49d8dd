<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** Two who did not know of each other answered the same: both stay, and the first counts until the other's author decides. */
final readonly class Unsettled
{
    public function __construct(public Entry $counts, public Entry $asked)
    {
    }
}
