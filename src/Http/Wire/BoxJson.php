<?php

declare(strict_types=1);

namespace App\Http\Wire;

use Berm\Core\Kit\BoxItem;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Stores\Box;
use Berm\Core\Wire\SentenceJson;

final class BoxJson
{
    public const PER_PAGE = 50;

    /**
     * @param list<array<string, mixed>> $boxes
     *
     * @return array<string, mixed>
     */
    public static function page(array $boxes, int $total, int $page): array
    {
        return ['boxes' => $boxes, 'total' => $total, 'page' => $page, 'perPage' => self::PER_PAGE];
    }

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
            'holds' => array_map(
                static fn (BoxItem $item): array => ['key' => $item->key, 'name' => $item->name, 'count' => $item->count],
                $sheet->inBox($box->size),
            ),
        ];
    }
}
