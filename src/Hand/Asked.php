<?php

declare(strict_types=1);

namespace App\Hand;

/** A request as the page would send it to the server. */
final readonly class Asked
{
    public function __construct(
        public string $method,
        public string $path,
        public string $body,
        /** Of the plan that was changed, from If-Match. */
        public int $version,
        public \DateTimeImmutable $at,
        /** Of a list. */
        public int $page = 1,
    ) {
    }
}
