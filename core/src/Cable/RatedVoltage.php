<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

/** "6.35/11 (12) kV" (IEC 60502-2: U0/U (Um)) or a class such as "15 kV" (ICEA). */
final readonly class RatedVoltage
{
    private function __construct(public string $label, /** Um, or the class voltage: the highest between phases, in volts. */ public int $highestVolts)
    {
    }

    /** @throws UnreadableVoltage */
    public static function parse(string $text): self
    {
        $plain = (string) preg_replace('/\s+/', ' ', trim($text));
        if (1 === preg_match('/\A\d{1,2}(?:\.\d{1,2})?\/\d{1,2}(?:\.\d)? ?\((\d{1,2}(?:\.\d)?)\) ?kV\z/i', $plain, $parts)
            || 1 === preg_match('/\A(\d{1,2}(?:\.\d)?) ?kV\z/i', $plain, $parts)) {
            return self::checked($plain, (int) round(1000 * (float) $parts[1]), $text);
        }
        throw UnreadableVoltage::of($text);
    }

    private static function checked(string $label, int $volts, string $text): self
    {
        return $volts >= 1000 && $volts <= 72_500 ? new self($label, $volts) : throw UnreadableVoltage::of($text);
    }
}
