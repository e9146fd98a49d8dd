<?php

declare(strict_types=1);

namespace App\Http\Wire;

use Berm\Core\Kit\Excepted;
use Berm\Core\Prove\ProvedDoubt;
use Berm\Core\Prove\Report;
use Berm\Core\Prove\Shortfall;
use Berm\Core\Wire\SentenceJson;

/** What proving a sheet came to. */
final class ProofJson
{
    /** @return array<string, mixed> */
    public static function of(Report $report): array
    {
        return [
            'proved' => $report->isProved(),
            'plans' => $report->plans,
            'shortfalls' => array_map(self::shortfall(...), $report->shortfalls),
            'doubts' => array_map(static fn (ProvedDoubt $one): array => [
                'size' => $one->size, 'dimension' => $one->doubt->dimension, 'takenMm' => $one->taken->inMillimetres(),
                'otherMm' => $one->doubt->other->inMillimetres(), 'reason' => $one->doubt->reason,
                'shortfalls' => array_map(self::shortfall(...), $one->shortfalls),
            ], $report->doubts),
            'excepted' => array_map(static fn (Excepted $one): array => ['key' => $one->key, 'reason' => $one->reason], $report->excepted),
        ];
    }

    /** @return array<string, mixed> */
    private static function shortfall(Shortfall $one): array
    {
        return [
            'fault' => $one->fault->value,
            'of' => $one->of,
            'reason' => SentenceJson::of($one->reason),
            'corners' => $one->corners,
            'corner' => $one->corner?->inWords(),
            'part' => null === $one->part ? null : ['list' => $one->part->list, 'key' => $one->part->key],
        ];
    }
}
