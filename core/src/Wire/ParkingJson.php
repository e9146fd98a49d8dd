<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\Parking\ParkingSide;

final class ParkingJson
{
    /** @return list<array<string, mixed>>|null one side after the other */
    public static function of(Plan $plan): ?array
    {
        return null === $plan->parking ? null : array_map(
            static fn (ParkingSide $side): array => self::side($side, $plan), $plan->parking->sides,
        );
    }

    /** @return array<string, mixed> */
    private static function side(ParkingSide $side, Plan $plan): array
    {
        return [
            'end' => $side->end->value,
            'onCores' => $side->isOnCores,
            'neededMm' => $side->needed->inMillimetres(),
            'freeMm' => $side->free?->inMillimetres(),
            'spareMm' => $side->spare()?->inMillimetres(),
            'parts' => array_map(static fn (Item $item): array => [
                'key' => $item->key,
                'name' => $item->name,
                'lengthMm' => $plan->job->size?->stockOf($item)?->length()?->inMillimetres() ?? 0.0,
                'allowedOn' => array_map(static fn (End $end): string => $end->value, $item->parkOn),
                'parkedOn' => $plan->build->parked($item->key)?->event->end->value,
            ], $side->items),
        ];
    }
}
