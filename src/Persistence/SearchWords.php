<?php

declare(strict_types=1);

namespace App\Persistence;

/** What was typed into a search, word by word. */
final class SearchWords
{
    /** @return list<string> a pattern for ILIKE for each word */
    public static function patterns(string $search): array
    {
        $words = preg_split('/\s+/u', mb_strtolower(trim($search)), -1, \PREG_SPLIT_NO_EMPTY);

        return array_map(static fn (string $word): string => '%'.addcslashes($word, '%_\\').'%', false === $words ? [] : $words);
    }
}
