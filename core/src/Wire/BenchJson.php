<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Bench\Ask;
use Berm\Core\Bench\Figure;
use Berm\Core\Bench\Outcome;
use Berm\Core\Bench\Shape;
use Berm\Core\Bench\Tool;

final class BenchJson
{
    /** @return array<string, mixed> */
    public static function tool(Tool $tool): array
    {
        return [
            'key' => $tool->key, 'title' => $tool->title, 'does' => $tool->does, 'source' => $tool->source, 'holds' => $tool->holds,
            'asks' => array_map(static fn (Ask $ask): array => [
                'key' => $ask->key, 'label' => $ask->label, 'kind' => $ask->kind->value, 'unit' => $ask->unit, 'first' => $ask->first,
                'options' => array_map(
                    static fn (string $value, string $label): array => ['value' => $value, 'label' => $label],
                    array_keys($ask->options), $ask->options,
                ),
            ], $tool->asks),
        ];
    }

    /** @return array<string, mixed> */
    public static function outcome(Outcome $outcome): array
    {
        return [
            'figures' => array_map(static fn (Figure $figure): array => [
                'label' => SentenceJson::of($figure->label), 'value' => SentenceJson::of($figure->value),
            ], $outcome->figures),
            'working' => array_map(SentenceJson::of(...), $outcome->working),
            'warnings' => array_map(SentenceJson::of(...), $outcome->warnings),
            'shapes' => array_map(static fn (Shape $shape): array => [
                'name' => $shape->name, 'from' => $shape->from, 'to' => $shape->to, 'isRing' => $shape->isRing,
            ], $outcome->shapes),
        ];
    }
}
