<?php

declare(strict_types=1);

namespace Berm\Core\Profile;

use Berm\Core\Margin\Cause;
use Berm\Core\Margin\Locus;

/** A diameter or a thickness in mm, with what is not exact about it. */
final readonly class Dim
{
    /**
     * @param array<string, array{float, float}> $shifts by the id of a cause: what it does to it at its least and at its most
     * @param array<string, Cause>               $causes by their id
     */
    private function __construct(
        public float $nominal, public float $least, public float $most, private array $shifts, public array $causes,
    ) {
    }

    public static function of(Locus $length): self
    {
        $shifts = $causes = [];
        foreach ($length->effects() as $id => $effect) {
            $causes[$id] = $effect->cause;
            $shifts[$id] = [
                $effect->share * $effect->cause->least->inMillimetres(), $effect->share * $effect->cause->most->inMillimetres(),
            ];
        }

        return new self($length->nominal->inMillimetres(), $length->least() / 1e6, $length->most() / 1e6, $shifts, $causes);
    }

    public static function exact(float $millimetres): self
    {
        return new self($millimetres, $millimetres, $millimetres, [], []);
    }

    /** The same so many times; never below zero. */
    public function times(float $factor): self
    {
        $shifts = array_map(static fn (array $shift): array => [$factor * $shift[0], $factor * $shift[1]], $this->shifts);

        return new self($factor * $this->nominal, $factor * $this->least, $factor * $this->most, $shifts, $this->causes);
    }

    public function at(Turn $turn): float
    {
        if (0 !== $turn->all) {
            return $turn->all < 0 ? $this->least : $this->most;
        }
        $value = $this->nominal;
        foreach ($turn->turns as $cause => $to) {
            $value += isset($this->shifts[$cause]) ? $this->shifts[$cause][$to < 0 ? 0 : 1] : 0.0;
        }

        return $value;
    }
}
