<?php

declare(strict_types=1);

namespace App\Http\Wire;

use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** Sentences travel with their values in them, so that the reader's units and words are put in where they are read. */
final class SentenceJson
{
    /** @return array{template: string, values: object} */
    public static function of(Sentence $sentence): array
    {
        return [
            'template' => $sentence->template,
            'values' => (object) array_map(static fn (Length|string|int $value): array => $value instanceof Length ? ['mm' => $value->inMillimetres()] : ['text' => (string) $value], $sentence->values),
        ];
    }
}
