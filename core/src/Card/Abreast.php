<?php

declare(strict_types=1);

namespace Berm\Core\Card;

/** The marks of both ends side by side: where the same cuts are made on both, with the same tools, in the same order. */
final readonly class Abreast
{
    /** @param non-empty-list<array{CardMark, CardMark}> $rows of the one end and of the other, in the order of cutting */
    private function __construct(public array $rows)
    {
    }

    /** @return self|null null: they are not cut alike, and each end has a table of its own */
    public static function of(Card $one, Card $other): ?self
    {
        [$marks, $others] = [$one->marks(), $other->marks()];
        if ([] === $marks || \count($marks) !== \count($others)) {
            return null;
        }
        $rows = [];
        foreach ($marks as $i => $mark) {
            if (!self::areAlike($mark, $others[$i])) {
                return null;
            }
            $rows[] = [$mark, $others[$i]];
        }

        return new self($rows);
    }

    private static function areAlike(CardMark $mark, CardMark $other): bool
    {
        return $mark->mark->place->cut === $other->mark->place->cut && $mark->mark->order === $other->mark->order
            && $mark->cores === $other->cores && $mark->mark->tool === $other->mark->tool;
    }
}
