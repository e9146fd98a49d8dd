<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** How far below and above its target a length may lie; neither is negative. */
final readonly class Tolerance
{
    private function __construct(public Length $below, public Length $above)
    {
    }

    /** Reads it as open files have it: "± 1 mm", "- 0 mm + 2 mm". @throws UnreadableLength */
    public static function parse(string $text): self
    {
        if (1 === preg_match('/\A\s*(?:±|\+\/-)\s*(.*)\z/su', $text, $either)) {
            return self::of(Length::parseWithUnit($either[1]), Length::parseWithUnit($either[1]));
        }
        if (1 === preg_match('/\A\s*[-−]\s*(.*?)\s*\+\s*(.*)\z/su', $text, $sides)) {
            return self::of(Length::parseWithUnit($sides[1]), Length::parseWithUnit($sides[2]));
        }
        throw UnreadableLength::noTolerance($text);
    }

    public function toText(): string
    {
        return $this->below->equals($this->above)
            ? "± {$this->above->toText()}"
            : "- {$this->below->toText()} + {$this->above->toText()}";
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
