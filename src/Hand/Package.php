<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\StoredJob;
use App\UseCase\Who;

/** A job made ready for work without signal: all that the same rules need to go on with it elsewhere. */
final readonly class Package
{
    /** @param list<string> $crew whom the job is given to, by name */
    public function __construct(
        public \DateTimeImmutable $at,
        /** Who takes it along. */
        public Who $who,
        public bool $isTheirs,
        public array $crew,
        public StoredJob $job,
        public CarriedSheets $sheets,
        public CarriedStores $stores,
        public string $seals,
    ) {
    }
}
