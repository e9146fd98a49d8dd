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

    /** Standard cross-sections in mm². Source: IEC 60228 table 1, from memory. */
    private const STANDARD = [
        1, 2, 4, 6, 10, 16, 25, 35, 50, 70, 95, 120, 150, 185, 240, 300, 400, 500, 630, 800, 1000, 1200, 1400, 1600, 1800, 2000, 2500,
    ];

    /** Reads "95 mm²", "95 sq mm", "2 AWG", "#2", "4/0", "0000", "500 kcmil", "500 MCM". @throws UnreadableSize */
    public static function parse(string $text): self
    {
        $plain = mb_strtolower(trim((string) preg_replace('/[\s\x{00A0}\x{2009}\x{202F}]+/u', ' ', $text)));

        return self::metric($plain, $text) ?? self::american($plain, $text) ?? throw UnreadableSize::of($text);
    }

    /** @throws UnreadableSize where it is a number of mm² that no conductor has */
    private static function metric(string $plain, string $text): ?self
    {
        if (1 !== preg_match('/\A(\d{1,4}) ?(?:mm²|mm2|mm\^2|sq ?mm|sq\. ?mm)\z/u', $plain, $parts)) {
            return null;
        }

        $area = (int) $parts[1];
        \in_array($area, self::STANDARD, true) || throw UnreadableSize::notStandard($area, self::beside($area));

        return self::ofSquareMillimetres($area);
    }

    private static function american(string $plain, string $text): ?self
    {
        return match (true) {
            1 === preg_match('/\A([1-4])\/0(?: ?awg)?\z/', $plain, $parts) => self::ofAwg(1 - (int) $parts[1]),
            1 === preg_match('/\A(0{1,4})(?: ?awg)?\z/', $plain, $parts) => self::ofAwg(1 - \strlen($parts[1])),
            1 === preg_match(
                '/\A# ?(\d{1,2})(?: ?awg)?\z|\A(\d{1,2}) ?awg\z/', $plain, $parts,
            ) => self::gauge((int) ($parts[2] ?? $parts[1]), $text),
            1 === preg_match('/\A(\d{2,4}) ?(?:kcmil|mcm)\z/', $plain, $parts) => self::kcmil((int) $parts[1], $text),
            default => null,
        };
    }

    /** @return list<int> the standard sizes on either side */
    private static function beside(int $area): array
    {
        $below = array_filter(self::STANDARD, static fn (int $size): bool => $size < $area);
        $above = array_filter(self::STANDARD, static fn (int $size): bool => $size > $area);

        return [...([] === $below ? [] : [max($below)]), ...([] === $above ? [] : [min($above)])];
    }

    /** Sized in mm²; else in AWG or kcmil. It tells which family of standards the cable follows. */
    public function isMetric(): bool
    {
        return str_ends_with($this->label, 'mm²');
    }

    private static function gauge(int $number, string $text): self
    {
        return $number >= 1 && $number <= 40 ? self::ofAwg($number) : throw UnreadableSize::of($text);
    }

    private static function kcmil(int $number, string $text): self
    {
        return $number >= 50 && $number <= 5000 ? self::ofKcmil($number) : throw UnreadableSize::of($text);
    }

    /** The same nominal area, however it is written; within the rounding of published tables. */
    public function isAtMost(self $other): bool
    {
        return $this->area <= $other->area * 1.0005;
    }
}
