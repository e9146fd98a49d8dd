<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Part;
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
            'parts' => array_map(static fn (Part $part): array => [
                'key' => $part->key,
                'name' => $part->name,
                'lengthMm' => MarkOutJson::millimetres($plan->job->size?->parts[$part->key]->length),
                'allowedOn' => array_map(static fn (End $end): string => $end->value, $part->parkOn),
                'parkedOn' => $plan->build->parked($part->key)?->event->end->value,
            ], $side->parts),
        ];
    }
}
