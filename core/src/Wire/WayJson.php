<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\MarkOut\Mark;
use Berm\Core\Rework\Sawing;
use Berm\Core\Rework\Way;

/** Ways on from what is out. */
final class WayJson
{
    /**
     * @param list<Way> $ways
     *
     * @return array<string, mixed>
     */
    public static function all(array $ways): array
    {
        return ['ways' => array_map(self::of(...), $ways)];
    }

    /** @return array<string, mixed> */
    private static function of(Way $way): array
    {
        $connector = $way->connector?->revision;

        return [
            'kind' => $way->kind->value, 'title' => SentenceJson::of($way->title), 'does' => SentenceJson::of($way->does),
            'by' => $way->by->value, 'refusal' => null === $way->refusal ? null : SentenceJson::of($way->refusal),
            'thinnest' => null === $way->thinnest ? null : SentenceJson::of($way->thinnest->withWorst()),
            'cableMm' => $way->cable()->inMillimetres(), 'sawing' => null === $way->sawing ? null : self::sawing($way->sawing),
            'connector' => null === $connector ? null : ['id' => $connector->id, 'revision' => $connector->number],
        ];
    }

    /** @return array<string, mixed> */
    private static function sawing(Sawing $sawing): array
    {
        return [
            'amountMm' => $sawing->amount->inMillimetres(),
            'leastMm' => MarkOutJson::millimetres($sawing->window->min), 'mostMm' => MarkOutJson::millimetres($sawing->window->max),
            'kept' => array_map(self::mark(...), $sawing->kept), 'again' => array_map(self::mark(...), $sawing->again),
        ];
    }

    /** @return array<string, mixed> */
    private static function mark(Mark $mark): array
    {
        return ['cut' => $mark->place->cut->value, 'core' => $mark->place->core, 'atMm' => $mark->at->inMillimetres()];
    }
}
