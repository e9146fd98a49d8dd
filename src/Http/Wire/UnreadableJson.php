<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\Listing;
use App\UseCase\UnreadableRow;

final class UnreadableJson
{
    /**
     * @template T
     *
     * @param Listing<T> $listing
     *
     * @return list<array{id: string, reason: string}>
     */
    public static function of(Listing $listing): array
    {
        return array_map(static fn (UnreadableRow $row): array => ['id' => $row->id, 'reason' => $row->reason], $listing->unreadable);
    }
}
