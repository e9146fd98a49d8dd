<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/**
 * A length, or a place along an axis: a whole number of nanometres, exact to add and to compare.
 *
 * 1/64 in is 396 875 nm, so millimetres and inch fractions are both exact.
 */
final readonly class Length
{
    private function __construct(public int $nanometres)
    {
    }

    public static function ofNanometres(int $nanometres): self
    {
        return new self($nanometres);
    }

    public static function ofMillimetres(int $millimetres): self
    {
        return new self($millimetres * 1_000_000);
    }

    /** One micrometre is 10^-3 mm: how tables with two or three decimals are written down without a float. */
    public static function ofMicrometres(int $micrometres): self
    {
        return new self($micrometres * 1_000);
    }

    /** One mil is 0.001 in, 25 400 nm. */
    public static function ofMils(int $mils): self
    {
        return new self($mils * 25_400);
    }

    public static function ofSixtyFourths(int $sixtyFourths): self
    {
        return new self($sixtyFourths * 396_875);
    }

    /** The nanometre nearest to a computed number of millimetres: for results of roots and logarithms only. */
    public static function nearestToMillimetres(float $millimetres): self
    {
        return new self((int) round($millimetres * 1e6));
    }

    /**
     * Reads what a person typed: "12.5", "12,5 mm", "1-3/4", "1 3/4 in", "0.875in", "875 mil".
     *
     * @param LengthUnit $bare the unit of a number typed without one
     *
     * @throws UnreadableLength
     */
    public static function parse(string $text, LengthUnit $bare): self
    {
        return LengthText::read($text, $bare);
    }

    /** Reads a length as open files have it, where the unit may not be left out: "44.5 mm", "1 3/4 in". @throws UnreadableLength */
    public static function parseWithUnit(string $text): self
    {
        return LengthText::read($text, null);
    }

    public function plus(self $other): self
    {
        return new self($this->nanometres + $other->nanometres);
    }

    public function minus(self $other): self
    {
        return new self($this->nanometres - $other->nanometres);
    }

    public function times(int $factor): self
    {
        return new self($this->nanometres * $factor);
    }

    public static function sum(self ...$lengths): self
    {
        return new self(array_sum(array_map(static fn (self $length): int => $length->nanometres, $lengths)));
    }

    public function dividedBy(int $divisor, Rounding $rounding): self
    {
        return new self($rounding->divide($this->nanometres, $divisor));
    }

    public function negated(): self
    {
        return new self(-$this->nanometres);
    }

    public function absolute(): self
    {
        return new self(abs($this->nanometres));
    }

    public function isLessThan(self $other): bool
    {
        return $this->nanometres < $other->nanometres;
    }

    public function isAtMost(self $other): bool
    {
        return $this->nanometres <= $other->nanometres;
    }

    public function isNegative(): bool
    {
        return $this->nanometres < 0;
    }

    public function equals(self $other): bool
    {
        return $this->nanometres === $other->nanometres;
    }

    public static function smallest(self $first, self ...$others): self
    {
        return new self(min([$first->nanometres, ...array_map(static fn (self $length): int => $length->nanometres, $others)]));
    }

    public static function largest(self $first, self ...$others): self
    {
        return new self(max([$first->nanometres, ...array_map(static fn (self $length): int => $length->nanometres, $others)]));
    }

    /** For physics and for the wire; a float below 2^53 nm (9 000 km) holds it exactly to the nanometre. */
    public function inMillimetres(): float
    {
        return $this->nanometres / 1_000_000;
    }

    /** "44.5 mm": the form of open files; exact. */
    public function toText(): string
    {
        return LengthFormat::exactMillimetres($this).' mm';
    }
}
