<?php

declare(strict_types=1);

namespace App\Http\Wire;

use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Side;
use Berm\Core\Stores\Box;

final class BoxJson
{
    /**
     * @param string|null $job for which it is asked whether it may be taken
     *
     * @return array<string, mixed>
     */
    public static function of(Box $box, KitSheet $sheet, \DateTimeImmutable $today, ?string $job): array
    {
        $refusal = $box->refusal($today, $job ?? $box->reservedFor ?? '');

        return [
            'id' => $box->id,
            'kit' => ['id' => $box->kit->id, 'revision' => $box->kit->number, 'size' => $box->size],
            'name' => $sheet->name,
            'maker' => $sheet->maker,
            'gtin' => $box->gtin->digits,
            'batch' => $box->batch,
            'serial' => $box->serial,
            'madeOn' => $box->madeOn?->format('Y-m-d'),
            'expiresOn' => $box->expiresOn?->format('Y-m-d'),
            'place' => $box->place,
            'reservedFor' => $box->reservedFor,
            'openedAt' => $box->openedAt?->format(\DATE_ATOM),
            'missing' => $box->missing,
            'refusal' => null === $refusal ? null : SentenceJson::of($refusal),
            'holds' => self::holds($sheet, $box->size),
        ];
    }

    /** @return list<array{key: string, name: string, count: int}> what should lie in it */
    private static function holds(KitSheet $sheet, string $size): array
    {
        $cores = $sheet->takes[array_key_first($sheet->takes)]->cores->value;
        $lines = [];
        foreach ($sheet->parts as $part) {
            $ends = Side::EachEnd === $part->side ? \count($sheet->application->function->ends()) : 1;
            $lines[] = ['key' => $part->key, 'name' => $part->name, 'count' => ($sheet->sizes[$size]->parts[$part->key]->count ?? 1) * ($part->isPerCore ? $cores : 1) * $ends];
        }
        foreach ($sheet->contents as $content) {
            $lines[] = ['key' => $content->key, 'name' => $content->name, 'count' => $content->count];
        }

        return $lines;
    }
}
