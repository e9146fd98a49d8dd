<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** A torque: a whole number of micronewton-metres. */
final readonly class Torque
{
    /** 1 lbf·ft in µN·m. Source: 1 lbf = 4.4482216152605 N and 1 ft = 0.3048 m exactly (NIST SP 811). */
    private const POUND_FOOT = 1_355_817.9483314004;
    private const MOST_NEWTON_METRES = 500;

    private function __construct(public int $micronewtonMetres)
    {
    }

    /** Reads "45 N·m", "45 Nm", "33 lbf·ft", "33 ft-lb". @throws UnreadableTorque */
    public static function parse(string $text): self
    {
        if (1 !== preg_match('/\A\s*(\d{1,4}(?:[.,]\d{1,6})?)\s*(n[·.\s-]?m|(?:lbf?|ft)[·.\s-]?(?:ft|lbf?))\s*\z/iu', $text, $parts)) {
            throw UnreadableTorque::of($text);
        }
        $number = (float) strtr($parts[1], ',', '.');
        $torque = new self((int) round($number * ('n' === strtolower($parts[2][0]) ? 1e6 : self::POUND_FOOT)));

        return $torque->micronewtonMetres > 0 && $torque->newtonMetres() <= self::MOST_NEWTON_METRES ? $torque : throw UnreadableTorque::of($text);
    }

    public function newtonMetres(): float
    {
        return $this->micronewtonMetres / 1e6;
    }

    public function poundFeet(): float
    {
        return $this->micronewtonMetres / self::POUND_FOOT;
    }

    /** "45 N·m (33 lbf·ft)": both, since the wrench may have either. */
    public function inBothUnits(): string
    {
        return self::plain($this->newtonMetres()).' N·m ('.self::plain($this->poundFeet()).' lbf·ft)';
    }

    /** As open files have it. */
    public function toText(): string
    {
        return rtrim(rtrim(\sprintf('%.6F', $this->newtonMetres()), '0'), '.').' N·m';
    }

    private static function plain(float $value): string
    {
        $text = number_format($value, $value < 20 ? 1 : 0, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
