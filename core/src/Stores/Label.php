<?php

declare(strict_types=1);

namespace Berm\Core\Stores;

/** What the label of a box says. */
final readonly class Label
{
    private function __construct(
        public Gtin $gtin,
        public string $batch,
        public string $serial,
        public ?\DateTimeImmutable $madeOn,
        public ?\DateTimeImmutable $expiresOn,
        /** @var list<string> what else stands there, such as "(240)X7": kept out of the record, and told */
        public array $others,
    ) {
    }

    /**
     * Reads an element string as a reader sends it, with or without its symbology identifier and with FNC1 as <GS> (ASCII 29), or as it
     * stands under the bars: "(01)09521234543213(17)270630(10)AB-123".
     *
     * @param int $year in which it is read: two digits of a year lie from 49 years before to 50 years after it
     *
     * @throws UnreadableLabel
     */
    public static function read(string $text, int $year): self
    {
        $read = ElementString::read($text);
        $elements = $read->known;

        return new self(
            Gtin::parse($elements['item'] ?? throw UnreadableLabel::noItem()),
            $elements['batch'] ?? '',
            $elements['serial'] ?? '',
            isset($elements['made']) ? self::date('11', $elements['made'], $year) : null,
            isset($elements['expires']) ? self::date('17', $elements['expires'], $year) : null,
            $read->others,
        );
    }

    /** Source: GS1 General Specifications, section 7.12 (century) and 3.4 (day 00 is the last of the month). */
    private static function date(string $identifier, string $digits, int $year): \DateTimeImmutable
    {
        [$short, $month, $day] = array_map(intval(...), str_split($digits, 2));
        $apart = $short - $year % 100;
        $century = intdiv($year, 100) + ($apart >= 51 ? -1 : ($apart <= -50 ? 1 : 0));
        $whole = 100 * $century + $short;
        $last = 31;
        while ($last > 27 && !checkdate($month, $last, $whole)) {
            --$last;
        }
        if ($month < 1 || $month > 12 || $day > $last) {
            throw UnreadableLabel::date($identifier, $digits);
        }
        $date = \DateTimeImmutable::createFromFormat(
            '!Y-m-d', \sprintf('%04d-%02d-%02d', $whole, $month, 0 === $day ? $last : $day), new \DateTimeZone('UTC'),
        );

        return false === $date ? throw UnreadableLabel::date($identifier, $digits) : $date;
    }
}
