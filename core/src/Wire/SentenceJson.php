<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Temperature;
use Berm\Core\Quantity\TemperatureDifference;
use Berm\Core\Saying\Sentence;

/** Sentences travel with their values in them, so that the reader's units and words are put in where they are read. */
final class SentenceJson
{
    /** @return array{template: string, values: object} */
    public static function of(Sentence $sentence): array
    {
        return [
            'template' => $sentence->template,
            'values' => (object) array_map(self::value(...), $sentence->values),
        ];
    }

    /**
     * @return array{mm: float}|array{celsius: float}|array{kelvins: float}|array{sentence: array{template: string, values: object}}|array{text: string}
     */
    private static function value(Length|Temperature|TemperatureDifference|Sentence|string|int $value): array
    {
        return match (true) {
            $value instanceof Length => ['mm' => $value->inMillimetres()],
            $value instanceof Temperature => ['celsius' => $value->celsius],
            $value instanceof TemperatureDifference => ['kelvins' => $value->kelvins],
            $value instanceof Sentence => ['sentence' => self::of($value)],
            default => ['text' => (string) $value],
        };
    }
}
