<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** A measured length held against a window: the verdict, and the margin it rests on. */
final readonly class Judgement
{
    private function __construct(
        public Verdict $verdict,
        public Length $value,
        public Length $uncertainty,
        public Range $window,
        /** Distance to the nearer limit; negative when the value is out, by that much. */
        public Length $margin,
    ) {
    }

    /** A value on the limit with no uncertainty is inside: windows are closed. Source: ISO 14253-1, uncertainty taken as the half-width. */
    public static function of(Length $value, Length $uncertainty, Range $window): self
    {
        $margin = $window->margin($value);
        $verdict = match (true) {
            $margin->isNegative() => Verdict::Out,
            $margin->isLessThan($uncertainty) => Verdict::NotProved,
            default => Verdict::Inside,
        };

        return new self($verdict, $value, $uncertainty, $window, $margin);
    }

    public static function ofReading(Reading $reading, Range $window): self
    {
        return self::of($reading->value, $reading->uncertainty(), $window);
    }

    public function isTooLong(): bool
    {
        return $this->window->isBelow($this->value);
    }

    /** Out, yet by less than the instrument can tell: worth measuring again with something finer. */
    public function isOutWithinUncertainty(): bool
    {
        return Verdict::Out === $this->verdict && $this->margin->absolute()->isLessThan($this->uncertainty);
    }
}
