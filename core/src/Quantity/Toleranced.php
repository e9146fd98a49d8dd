<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

use Berm\Core\Cable\Where;
use Berm\Core\Margin\Cause;
use Berm\Core\Margin\CauseKind;

/** A length with what its maker allows it to differ. */
final readonly class Toleranced
{
    private function __construct(public Length $value, public Tolerance $tolerance)
    {
    }

    public static function of(Length $value, Tolerance $tolerance): self
    {
        return new self($value, $tolerance);
    }

    public static function exact(Length $value): self
    {
        return new self($value, Tolerance::of(Length::ofNanometres(0), Length::ofNanometres(0)));
    }

    /** Reads it as open files have it: "44 mm", "44 mm ± 1 mm", "44 mm - 0 mm + 2 mm". @throws UnreadableLength */
    public static function parse(string $text): self
    {
        if (1 !== preg_match('/\A(.*?[\p{L}"″′\'])\s*((?:±|\+\/-|-|−).*)\z/su', $text, $parts)) {
            return self::exact(Length::parseWithUnit($text));
        }

        return new self(Length::parseWithUnit($parts[1]), Tolerance::parse($parts[2]));
    }

    public function toText(): string
    {
        return $this->value->toText().($this->isExact() ? '' : ' '.$this->tolerance->toText());
    }

    /** Anything in a range; nominally its middle. */
    public static function within(Range $range): self
    {
        $min = $range->min ?? $range->max ?? Length::ofNanometres(0);
        $max = $range->max ?? $min;
        $middle = $min->plus($max)->dividedBy(2, Rounding::Nearest);

        return new self($middle, Tolerance::of($middle->minus($min), $max->minus($middle)));
    }

    public function isExact(): bool
    {
        return 0 === $this->tolerance->below->nanometres && 0 === $this->tolerance->above->nanometres;
    }

    public function least(): Length
    {
        return $this->value->minus($this->tolerance->below);
    }

    public function most(): Length
    {
        return $this->value->plus($this->tolerance->above);
    }

    /** @param string $thing what it belongs to, and $of the same as it stands in a sentence */
    public function cause(CauseKind $kind, string $thing, string $of, Where $where): Cause
    {
        return Cause::of($kind, $thing, $of, $where, $this->tolerance->below, $this->tolerance->above);
    }

    public function equals(self $other): bool
    {
        return $this->least()->equals($other->least()) && $this->value->equals($other->value) && $this->most()->equals($other->most());
    }
}
