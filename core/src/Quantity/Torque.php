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

    /** Reads "45 N·m", "45 Nm", "33 lbf·ft", "33 ft-lbs", "400 in-lb". @throws UnreadableTorque */
    public static function parse(string $text): self
    {
        if (1 !== preg_match('/\A\s*(\d{1,5}(?:[.,]\d{1,6})?)\s*(\pL+[·⋅.\s*-]{0,3}\pL*)\s*\z/u', $text, $parts)) {
            throw UnreadableTorque::of($text);
        }
        $unit = self::unit((string) preg_replace('/[·⋅.\s*-]+/u', '', mb_strtolower($parts[2]))) ?? throw UnreadableTorque::of($text);
        $torque = new self((int) round((float) strtr($parts[1], ',', '.') * $unit));

        return $torque->micronewtonMetres > 0 && $torque->newtonMetres() <= self::MOST_NEWTON_METRES
            ? $torque
            : throw UnreadableTorque::of($text);
    }

    /** Lets the reading of a document go on after a fault; it never gets out. */
    public static function standIn(): self
    {
        return new self(1_000_000);
    }

    public function isAtMost(self $other): bool
    {
        return $this->micronewtonMetres <= $other->micronewtonMetres;
    }

    public function newtonMetres(): float
    {
        return $this->micronewtonMetres / 1e6;
    }

    public function poundFeet(): float
    {
        return $this->micronewtonMetres / self::POUND_FOOT;
    }

    /**
     * "45 N·m (33.2 lbf·ft)": both, since the wrench may have either.
     *
     * @param Rounding $rounding of a limit, inwards: either figure, read back, keeps to it
     */
    public function inBothUnits(Rounding $rounding = Rounding::Nearest): string
    {
        return $this->inTenths(1e6, $rounding).' N·m ('.$this->inTenths(self::POUND_FOOT, $rounding).' lbf·ft)';
    }

    /** As open files have it. */
    public function toText(): string
    {
        return rtrim(rtrim(\sprintf('%.6F', $this->newtonMetres()), '0'), '.').' N·m';
    }

    /** @param float $unit in µN·m */
    private function inTenths(float $unit, Rounding $rounding): string
    {
        $tenths = (int) round($this->micronewtonMetres / $unit * 10);
        $readBack = (int) round($tenths / 10 * $unit);
        $tenths += match ($rounding) {
            Rounding::Up => (int) ($readBack < $this->micronewtonMetres),
            Rounding::Down => -(int) ($readBack > $this->micronewtonMetres),
            Rounding::Nearest => 0,
        };

        return rtrim(rtrim(number_format($tenths / 10, 1, '.', ''), '0'), '.');
    }

    /** In µN·m; null of what is no unit of torque. */
    private static function unit(string $name): ?float
    {
        return match ($name) {
            'nm' => 1e6,
            'lbfft', 'ftlbf', 'lbft', 'ftlb', 'lbsft', 'ftlbs', 'ftpounds' => self::POUND_FOOT,
            'lbfin', 'inlbf', 'lbin', 'inlb', 'lbsin', 'inlbs' => self::POUND_FOOT / 12,
            default => null,
        };
    }
}
