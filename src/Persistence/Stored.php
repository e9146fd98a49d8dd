<?php

declare(strict_types=1);

namespace App\Persistence;

/** A document as the database gives it back, so that a row just written reads like one just loaded. */
final class Stored
{
    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function form(array $document): array
    {
        /** @var array<string, mixed> $plain */
        $plain = json_decode(json_encode($document, \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);

        return $plain;
    }

    /** @return array<string, mixed> a column that is a JSON document */
    public static function document(mixed $column): array
    {
        /** @var array<string, mixed> $document */
        $document = json_decode(self::text($column), true, 64, \JSON_THROW_ON_ERROR);

        return $document;
    }

    /** A column that is a text; empty where it is null. */
    public static function text(mixed $column): string
    {
        return \is_string($column) ? $column : '';
    }
}
