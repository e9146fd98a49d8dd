<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** A time to wait: a whole number of seconds. */
final readonly class Duration
{
    private const UNITS = ['s' => 1, 'min' => 60, 'h' => 3600];

    private function __construct(public int $seconds)
    {
    }

    public static function ofSeconds(int $seconds): self
    {
        return new self($seconds);
    }

    /** Reads "30 s", "5 min", "2 h". @throws UnreadableDuration */
    public static function parse(string $text): self
    {
        return 1 === preg_match('/\A\s*(\d{1,4})\s*(s|min|h)\s*\z/', $text, $parts)
            ? new self((int) $parts[1] * self::UNITS[$parts[2]])
            : throw UnreadableDuration::of($text);
    }

    /** As open files have it, in the largest unit that says it exactly. */
    public function toText(): string
    {
        return match (true) {
            0 !== $this->seconds % 60 => "$this->seconds s",
            0 !== $this->seconds % 3600 => intdiv($this->seconds, 60).' min',
            default => intdiv($this->seconds, 3600).' h',
        };
    }

    /** For people: "90 s", "12.5 min". */
    public function inWords(): string
    {
        return $this->seconds < 120 ? "$this->seconds s" : round($this->seconds / 60, 1).' min';
    }
}
