<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

/** "6.35/11 (12) kV" (IEC 60502-2: U0/U (Um)) or a class such as "15 kV" (ICEA). */
final readonly class RatedVoltage
{
    /** Um in volts by U in volts. Source: IEC 60502-2 clause 4.1 and IEC 60183 (highest voltages for equipment), values from memory. */
    private const HIGHEST = [
        3_000 => 3_600, 3_300 => 3_600, 6_000 => 7_200, 6_600 => 7_200, 10_000 => 12_000, 11_000 => 12_000, 15_000 => 17_500,
        20_000 => 24_000, 22_000 => 24_000,
        30_000 => 36_000, 33_000 => 36_000, 45_000 => 52_000, 66_000 => 72_500,
    ];

    /** A system voltage alone, read by the usual series. Source: IEC 60502-2 and its national forms, from memory. */
    private const SERIES = [
        '3' => '1.8/3 (3.6) kV', '3.3' => '1.9/3.3 (3.6) kV', '6.6' => '3.8/6.6 (7.2) kV', '10' => '6/10 (12) kV',
        '11' => '6.35/11 (12) kV',
        '20' => '12/20 (24) kV', '22' => '12.7/22 (24) kV', '30' => '18/30 (36) kV', '33' => '19/33 (36) kV',
    ];

    /** North American classes in kV, and the system voltages that go with each. Source: ICEA S-97-682 and ANSI C84.1, from memory. */
    private const CLASSES = [
        '5' => ['2.4', '4.16', '4.8'], '8' => ['6.9', '7.97'], '15' => ['12', '12.47', '13.2', '13.8', '14.4'],
        '25' => ['22.9', '23', '24.94'], '28' => [],
        '35' => ['34.5'], '46' => [], '69' => [],
    ];

    /** Highest voltages that stand alone; 3.6 and 12 can be U0 of a higher series as well. */
    private const ALONE = ['7.2', '17.5', '24', '36', '52', '72.5'];

    private function __construct(
        public string $label, /** Um, or the class voltage: the highest between phases, in volts. */ public int $highestVolts,
    ) {
    }

    /**
     * Reads "6.35/11 (12) kV", "12/20 kV", "6,35/11 (12) kV", "11 kV", "12.47 kV", "15 kV".
     *
     * @throws UnreadableVoltage where it is none, where its parts do not agree, or where it can be read in two ways
     */
    public static function parse(string $text): self
    {
        $plain = (string) preg_replace(['/[\s\x{00A0}\x{2009}\x{202F}]+/u', '/(?<=\d),(?=\d)/'], [' ', '.'], trim($text));
        if (1 === preg_match(
            '/\A(\d{1,2}(?:\.\d{1,2})?) ?\/ ?(\d{1,2}(?:\.\d)?)(?: ?\( ?(\d{1,2}(?:\.\d)?) ?\))? ?kV\z/i', $plain, $parts,
        )) {
            return self::full((float) $parts[1], (float) $parts[2], isset($parts[3]) ? (float) $parts[3] : null, $text);
        }

        return 1 === preg_match(
            '/\A(\d{1,2}(?:\.\d{1,2})?) ?kV\z/i', $plain, $parts,
        ) ? self::alone((string) (float) $parts[1], $text) : throw UnreadableVoltage::of($text);
    }

    /** A class of North America, not a series of IEC. */
    public function isClass(): bool
    {
        return !str_contains($this->label, '/') && isset(self::CLASSES[rtrim($this->label, ' kV')]);
    }

    /** U is √3 U0, as far as both are rounded; Um is the next highest voltage above U. */
    private static function full(float $toEarth, float $between, ?float $highest, string $text): self
    {
        $ratio = 0.0 === $toEarth ? 0.0 : $between / $toEarth;
        if ($ratio < 1.6 || $ratio > 1.8) {
            throw UnreadableVoltage::parts($text);
        }
        $standard = self::HIGHEST[(int) round(1000 * $between)] ?? throw UnreadableVoltage::notInSeries($text);
        if (null !== $highest && (int) round(1000 * $highest) !== $standard) {
            throw UnreadableVoltage::highest($text, self::number($standard / 1000));
        }

        return new self(
            \sprintf('%s/%s (%s) kV', self::number($toEarth), self::number($between), self::number($standard / 1000)), $standard,
        );
    }

    private static function alone(string $number, string $text): self
    {
        if ('12' === $number || '6' === $number || '3.6' === $number) {
            throw UnreadableVoltage::twoWays(
                $text,
                '12' === $number
                    ? '6.35/11 (12) kV or 12/20 (24) kV'
                    : ('6' === $number ? '3.6/6 (7.2) kV or 6/10 (12) kV' : '1.8/3 (3.6) kV or 3.6/6 (7.2) kV'),
            );
        }
        if (isset(self::SERIES[$number])) {
            return self::parse(self::SERIES[$number]);
        }
        if (isset(self::CLASSES[$number]) || \in_array($number, self::ALONE, true)) {
            return new self("$number kV", (int) round(1000 * (float) $number));
        }
        foreach (self::CLASSES as $class => $systems) {
            if (\in_array($number, $systems, true)) {
                return self::parse("$class kV");
            }
        }
        throw UnreadableVoltage::notInSeries($text);
    }

    private static function number(float $kilovolts): string
    {
        return rtrim(rtrim(number_format($kilovolts, 2, '.', ''), '0'), '.');
    }
}
