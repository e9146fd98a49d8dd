<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** A closed range of lengths: both ends belong to it; one of them may be open-ended. */
final readonly class Range
{
    private function __construct(public ?Length $min, public ?Length $max)
    {
        if (null !== $min && null !== $max && $max->isLessThan($min)) {
            throw RangeUpsideDown::of($min, $max);
        }
    }

    /** @throws RangeUpsideDown */
    public static function between(Length $min, Length $max): self
    {
        return new self($min, $max);
    }

    public static function atLeast(Length $min): self
    {
        return new self($min, null);
    }

    public static function atMost(Length $max): self
    {
        return new self(null, $max);
    }

    public static function around(Length $target, Tolerance $tolerance): self
    {
        return new self($target->minus($tolerance->below), $target->plus($tolerance->above));
    }

    public function equals(self $other): bool
    {
        return $this->min?->nanometres === $other->min?->nanometres && $this->max?->nanometres === $other->max?->nanometres;
    }

    public function contains(Length $length): bool
    {
        return !$this->margin($length)->isNegative();
    }

    public function containsRange(self $other): bool
    {
        return (null === $this->min || null !== $other->min && $this->min->isAtMost($other->min))
            && (null === $this->max || null !== $other->max && $other->max->isAtMost($this->max));
    }

    public function meets(self $other): bool
    {
        return (null === $this->min || null === $other->max || $this->min->isAtMost($other->max))
            && (null === $this->max || null === $other->min || $other->min->isAtMost($this->max));
    }

    /** They share more than an edge. */
    public function overlaps(self $other): bool
    {
        return (null === $this->min || null === $other->max || $this->min->isLessThan($other->max))
            && (null === $this->max || null === $other->min || $other->min->isLessThan($this->max));
    }

    /** How far inside the nearer limit the length lies; negative when it lies outside, by that much. */
    public function margin(Length $length): Length
    {
        $below = null === $this->min ? null : $length->minus($this->min);
        $above = null === $this->max ? null : $this->max->minus($length);

        return match (true) {
            null === $below => $above ?? Length::ofNanometres(\PHP_INT_MAX),
            null === $above => $below,
            default => Length::smallest($below, $above),
        };
    }

    public function isBelow(Length $length): bool
    {
        return null !== $this->max && $this->max->isLessThan($length);
    }

    public function movedBy(Length $shift): self
    {
        return new self($this->min?->plus($shift), $this->max?->plus($shift));
    }

    /** The same window seen from a datum in front: a place x becomes $from - x, so its ends change places. */
    public function mirroredFrom(Length $from): self
    {
        return new self(null === $this->max ? null : $from->minus($this->max), null === $this->min ? null : $from->minus($this->min));
    }
}
