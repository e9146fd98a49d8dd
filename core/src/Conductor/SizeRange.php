<?php

declare(strict_types=1);

namespace Berm\Core\Conductor;

/** The conductor sizes that a kit size, a connector or a die takes, both ends included. */
final readonly class SizeRange
{
    private function __construct(public ConductorSize $min, public ConductorSize $max)
    {
    }

    /** @throws SizeRangeUpsideDown */
    public static function between(ConductorSize $min, ConductorSize $max): self
    {
        return $min->isAtMost($max) ? new self($min, $max) : throw SizeRangeUpsideDown::of($min, $max);
    }

    /** "70 mm² to 150 mm²", or the one size that it takes. */
    public function label(): string
    {
        return $this->min->label === $this->max->label ? $this->min->label : "{$this->min->label} to {$this->max->label}";
    }

    public function meets(self $other): bool
    {
        return $this->min->isAtMost($other->max) && $other->min->isAtMost($this->max);
    }

    public function contains(ConductorSize $size): bool
    {
        return $this->min->isAtMost($size) && $size->isAtMost($this->max);
    }
}
