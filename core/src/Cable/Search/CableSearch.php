<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Search;

/**
 * What stands on a drum, or what a jointer says, turned into what is asked of a cable type: "NA2XSY 1x95", "185 cu 11kv",
 * "4/0 al 15kv concentric", "pilc". What none of the readers knows is looked for in the designation.
 */
final readonly class CableSearch
{
    /**
     * @param list<Wanted> $wanted  all of it
     * @param list<int>    $numbers whole numbers that stand in the designation
     * @param list<string> $words   that stand in the designation, anywhere
     */
    private function __construct(public array $wanted, public array $numbers, public array $words)
    {
    }

    public static function of(string $text): self
    {
        $rest = ' '.mb_strtolower((string) preg_replace('/[\s\x{00A0}\x{2009}\x{202F},;]+/u', ' ', mb_scrub($text))).' ';
        $wanted = [];
        foreach ([DrumMark::take(...), Ratings::take(...), SpokenWords::take(...)] as $take) {
            [$found, $rest] = $take($rest);
            $wanted = [...$wanted, ...$found];
        }
        $words = preg_split('/\s+/u', trim($rest), -1, \PREG_SPLIT_NO_EMPTY);
        $words = false === $words ? [] : $words;
        $isNumber = static fn (string $word): bool => 1 === preg_match('/\A\d{1,4}\z/', $word);

        return new self(
            $wanted,
            array_map(intval(...), array_values(array_filter($words, $isNumber))),
            array_values(array_filter($words, static fn (string $word): bool => !$isNumber($word))),
        );
    }
}
