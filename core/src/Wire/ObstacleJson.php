<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\File\PlaceFile;
use Berm\Core\Job\Acceptable;
use Berm\Core\Job\Obstacle;
use Berm\Core\Place\Place;

final class ObstacleJson
{
    /** @return array<string, mixed> */
    public static function of(Obstacle $obstacle): array
    {
        return [
            'code' => $obstacle->code->value,
            'severity' => $obstacle->severity()->value,
            'step' => $obstacle->step->value,
            'end' => $obstacle->where->end?->value,
            'core' => $obstacle->where->core,
            'hides' => array_map(static fn (Place $place): string => $place->key, $obstacle->hides),
            'reason' => SentenceJson::of($obstacle->reason),
            'acceptable' => null === $obstacle->acceptable ? null : self::acceptable($obstacle->acceptable),
        ];
    }

    /** @return array<string, mixed>|null the event that lets it stand, without its reason; null where the step's own panel offers it */
    private static function acceptable(Acceptable $acceptable): ?array
    {
        return match (true) {
            null !== $acceptable->found => ['kind' => 'found-accepted', 'found' => $acceptable->found],
            $acceptable->isWithdrawn => ['kind' => 'withdrawn-accepted'],
            $acceptable->isLeaflet => ['kind' => 'leaflet-compared'],
            null !== $acceptable->ruling => ['kind' => 'lap-accepted', ...PlaceFile::writeRuling($acceptable->ruling)],
            default => null,
        };
    }
}
