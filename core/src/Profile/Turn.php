<?php

declare(strict_types=1);

namespace Berm\Core\Profile;

/** How causes have turned out: every length at its least or its most, or some causes at one of their ends and the others at rest. */
final readonly class Turn
{
    /** @param array<string, int> $turns -1 or 1 by the id of a cause */
    private function __construct(public int $all, public array $turns)
    {
    }

    public static function atRest(): self
    {
        return new self(0, []);
    }

    /** Every length at its least. */
    public static function least(): self
    {
        return new self(-1, []);
    }

    public static function most(): self
    {
        return new self(1, []);
    }

    /** @param array<string, int> $turns -1 or 1 by the id of a cause */
    public static function these(array $turns): self
    {
        return new self(0, $turns);
    }
}
