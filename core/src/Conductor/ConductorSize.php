<?php

declare(strict_types=1);

namespace Berm\Core\Conductor;

/** A nominal cross-section as it stands on the cable: "95 mm²", "4/0 AWG", "500 kcmil". */
final readonly class ConductorSize
{
    private const SQUARE_MILLIMETRES_PER_KCMIL = 0.506707479;

    private function __construct(public string $label, /** Nominal area in mm². */ public float $area)
    {
    }

    public static function ofSquareMillimetres(int $area): self
    {
        return new self($area.' mm²', (float) $area);
    }

    /** @param int $gauge 2 for 2 AWG, 0 for 1/0, -3 for 4/0. Source: ASTM B258, d = 0.005 in x 92^((36-n)/39) */
    public static function ofAwg(int $gauge): self
    {
        $kcmil = (5 * 92 ** ((36 - $gauge) / 39)) ** 2 / 1000;

        return new self(($gauge > 0 ? (string) $gauge : (1 - $gauge).'/0').' AWG', $kcmil * self::SQUARE_MILLIMETRES_PER_KCMIL);
    }

    /** Source: definition, 1 cmil = pi/4 (0.001 in)^2 */
    public static function ofKcmil(int $kcmil): self
    {
        return new self($kcmil.' kcmil', $kcmil * self::SQUARE_MILLIMETRES_PER_KCMIL);
    }

    /** Reads "95 mm²", "95 mm2", "2 AWG", "4/0", "1/0 AWG", "500 kcmil", "500 MCM". @throws UnreadableSize */
    public static function parse(string $text): self
    {
        $plain = mb_strtolower(trim($text));
        if (1 === preg_match('/\A(\d{1,4})\s*(?:mm²|mm2|mm\^2|sqmm)\z/u', $plain, $parts)) {
            return self::checked((int) $parts[1], 1, 3000, self::ofSquareMillimetres(...), $text);
        }
        if (1 === preg_match('/\A([1-4])\/0(?:\s*awg)?\z/', $plain, $parts)) {
            return self::ofAwg(1 - (int) $parts[1]);
        }
        if (1 === preg_match('/\A(?:#\s*)?(\d{1,2})\s*awg\z/', $plain, $parts)) {
            return self::checked((int) $parts[1], 1, 40, self::ofAwg(...), $text);
        }
        if (1 === preg_match('/\A(\d{2,4})\s*(?:kcmil|mcm)\z/', $plain, $parts)) {
            return self::checked((int) $parts[1], 50, 5000, self::ofKcmil(...), $text);
        }
        throw UnreadableSize::of($text);
    }

    /** Sized in mm²; else in AWG or kcmil. It tells which family of standards the cable follows. */
    public function isMetric(): bool
    {
        return str_ends_with($this->label, 'mm²');
    }

    /** @param \Closure(int): self $make */
    private static function checked(int $number, int $least, int $most, \Closure $make, string $text): self
    {
        return $number >= $least && $number <= $most ? $make($number) : throw UnreadableSize::of($text);
    }

    /** The same nominal area, however it is written; within the rounding of published tables. */
    public function isAtMost(self $other): bool
    {
        return $this->area <= $other->area * 1.0005;
    }
}
