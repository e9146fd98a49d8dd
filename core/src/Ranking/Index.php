<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

/**
 * What many rows have alike, kept once: the different ones, and which of them each row has.
 *
 * @template T of object
 */
final readonly class Index
{
    /**
     * @param list<T>   $different
     * @param list<int> $which     by row
     */
    private function __construct(public array $different, public array $which)
    {
    }

    /**
     * @template U of object
     *
     * @param list<U> $all by row
     *
     * @return self<U>
     */
    public static function of(array $all): self
    {
        $different = $known = $which = [];
        foreach ($all as $one) {
            $key = serialize($one);
            $known[$key] ??= array_push($different, $one) - 1;
            $which[] = $known[$key];
        }

        return new self($different, $which);
    }
}
