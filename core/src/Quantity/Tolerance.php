<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** How far below and above its target a length may lie; neither is negative. */
final readonly class Tolerance
{
    private function __construct(public Length $below, public Length $above)
    {
    }

    public function equals(self $other): bool
    {
        return $this->below->equals($other->below) && $this->above->equals($other->above);
    }

    /** Signs do not matter: "- 1 mm" below is 1 mm below. */
    public static function of(Length $below, Length $above): self
    {
        return new self($below->absolute(), $above->absolute());
    }
}
