<?php

declare(strict_types=1);

namespace App\UseCase\Instruments;

/** Pages on which somebody has a step open: each says so every few seconds. */
interface OpenPages
{
    public function seen(string $person, string $page, \DateTimeImmutable $at): void;

    public function count(string $person, \DateTimeImmutable $since): int;
}
