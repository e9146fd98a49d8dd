<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Job\Plan;
use Berm\Core\Kit\Asked;
use Berm\Core\Quantity\Length;

/** What the sheet asks of a job, and what was said. */
final class AskedJson
{
    /** @return list<array<string, mixed>> */
    public static function of(Plan $plan): array
    {
        return array_values(array_map(
            static fn (Asked $asked): array => self::one($asked, $plan->job->said[$asked->key] ?? null), $plan->job->sheet->asked ?? [],
        ));
    }

    /** @return array<string, mixed> */
    private static function one(Asked $asked, string|Length|null $said): array
    {
        $value = $asked->value($said);

        return [
            'key' => $asked->key,
            'name' => $asked->name,
            'kind' => $asked->kind->value,
            'values' => $asked->values,
            'minMm' => $asked->window?->min?->inMillimetres(),
            'maxMm' => $asked->window?->max?->inMillimetres(),
            'reason' => $asked->reason,
            'value' => $value instanceof Length ? $value->toText() : $value,
        ];
    }
}
