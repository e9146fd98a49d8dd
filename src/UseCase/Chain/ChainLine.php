<?php

declare(strict_types=1);

namespace App\UseCase\Chain;

/** A line of a log exactly as it is kept. */
final readonly class ChainLine
{
    public function __construct(
        public string $job, public int $sequence, public string $id, public int $format, public string $sheets, public string $body,
        public string $hash,
    ) {
    }
}
