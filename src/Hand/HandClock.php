<?php

declare(strict_types=1);

namespace App\Hand;

use Psr\Clock\ClockInterface;

/** What time it is as whoever asks says: the page knows by how much the device is off. */
final class HandClock implements ClockInterface
{
    public function __construct(private \DateTimeImmutable $now)
    {
    }

    public function set(\DateTimeImmutable $now): void
    {
        $this->now = $now;
    }

    public function now(): \DateTimeImmutable
    {
        return $this->now;
    }
}
