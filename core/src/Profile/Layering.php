<?php

declare(strict_types=1);

namespace Berm\Core\Profile;

use Berm\Core\Margin\Cause;
use Berm\Core\Material\Shrink;
use Berm\Core\Material\Stretch;

/** What an item makes of the diameter beneath it. */
final readonly class Layering
{
    /**
     * @param \Closure(float, Turn): float $outside from the diameter beneath, in mm
     * @param array<int, Cause>            $causes  of its own, by their identity
     */
    private function __construct(private \Closure $outside, public array $causes)
    {
    }

    public static function shrunk(Dim $bore, Dim $wall): self
    {
        return new self(static fn (float $beneath, Turn $turn): float => Shrink::outside($beneath, $bore->at($turn), $wall->at($turn)), $bore->causes + $wall->causes);
    }

    public static function stretched(Dim $bore, Dim $wall): self
    {
        return new self(static fn (float $beneath, Turn $turn): float => Stretch::outside($beneath, $bore->at($turn), $wall->at($turn)), $bore->causes + $wall->causes);
    }

    /** @param Dim $onDiameter what it adds to the diameter */
    public static function adding(Dim $onDiameter): self
    {
        return new self(static fn (float $beneath, Turn $turn): float => $beneath + $onDiameter->at($turn), $onDiameter->causes);
    }

    /** It has its own shape: no smaller than what lies beneath. */
    public static function shaped(Dim $outside): self
    {
        return new self(static fn (float $beneath, Turn $turn): float => max($beneath, $outside->at($turn)), $outside->causes);
    }

    public static function nothing(): self
    {
        return new self(static fn (float $beneath): float => $beneath, []);
    }

    public function outside(float $beneath, Turn $turn): float
    {
        return ($this->outside)($beneath, $turn);
    }
}
