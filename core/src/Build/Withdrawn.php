<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** An earlier entry was wrong. It stays in the log; it no longer counts. */
final readonly class Withdrawn implements Event
{
    public function __construct(public string $entryId, public string $reason)
    {
    }
}
