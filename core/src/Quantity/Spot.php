<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** Where on a body it was read: which place along it, and how far round. */
final readonly class Spot
{
    public const PLACES = 9;
    public const AXES = [0, 45, 90, 135];

    private function __construct(public int $place, /** Degrees from the first axis. */ public int $axis)
    {
    }

    /** @throws NoSuchSpot */
    public static function of(int $place, int $axis): self
    {
        return $place >= 1 && $place <= self::PLACES && \in_array($axis, self::AXES, true)
            ? new self($place, $axis)
            : throw NoSuchSpot::at($place, $axis);
    }
}
