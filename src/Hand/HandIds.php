<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\EntryIds;
use Psr\Clock\ClockInterface;

/** UUIDs of version 7 (RFC 9562 §5.7): milliseconds, then chance. */
final readonly class HandIds implements EntryIds
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function next(): string
    {
        $hex = str_pad(dechex((int) $this->clock->now()->format('Uv')), 12, '0', \STR_PAD_LEFT).bin2hex(random_bytes(10));
        $hex[12] = '7';
        $hex[16] = '89ab'[hexdec($hex[16]) % 4];

        return implode('-', [
            substr($hex, 0, 8), substr($hex, 8, 4), substr($hex, 12, 4), substr($hex, 16, 4), substr($hex, 20, 12),
        ]);
    }
}
