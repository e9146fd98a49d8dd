<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

/** A part of a tool's drawing: a ring that is so much across, or a bar from here to there; in mm, or in the unit of its drawing. */
final readonly class Shape
{
    private function __construct(public string $name, public float $from, public float $to, public bool $isRing)
    {
    }

    public static function ring(string $name, float $across): self
    {
        return new self($name, 0, $across, true);
    }

    public static function bar(string $name, float $from, float $to): self
    {
        return new self($name, min($from, $to), max($from, $to), false);
    }
}
