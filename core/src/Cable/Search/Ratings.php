<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Search;

use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Conductor\ConductorSize;
use Berm\Core\CoreError;

/**
 * Voltages, cores and cross-sections, as their own readers read them.
 *
 * @internal
 */
final class Ratings
{
    private const SIZE = '\d{1,4} ?(?:mm²|mm2|mm\^2|sq\.? ?mm|kcmil|mcm)|[1-4]\/0(?: ?awg)?|0{1,4}(?: ?awg)?|# ?\d{1,2}(?: ?awg)?|\d{1,2} ?awg';

    /** @return array{list<Wanted>, string} what is asked, and the text without it */
    public static function take(string $text): array
    {
        $wanted = [];
        $rest = preg_replace_callback('/(?<= )([13]) ?[x×] ?(?=\d)/u', static function (array $cores) use (&$wanted): string {
            $wanted[] = Wanted::of(Facet::Cores, (int) $cores[1]);

            return '';
        }, $text);
        foreach ([
            '\d{1,2}(?:\.\d{1,2})?(?: ?\/ ?\d{1,2}(?:\.\d)?(?: ?\(\d{1,2}(?:\.\d)?\))?)? ?kv' => self::voltage(...),
            self::SIZE => self::size(...),
        ] as $pattern => $read) {
            $rest = preg_replace_callback("/(?<= )(?:$pattern)(?= )/u", static function (array $match) use (&$wanted, $read): string {
                $found = $read($match[0]);
                $wanted = null === $found ? $wanted : [...$wanted, $found];

                return null === $found ? (string) preg_replace('/ ?kv\z/', '', $match[0]) : '';
            }, (string) $rest);
        }

        return [$wanted, (string) $rest];
    }

    /** Null where it can be read in two ways: then its number is looked for. */
    private static function voltage(string $text): ?Wanted
    {
        try {
            return Wanted::of(Facet::Voltage, RatedVoltage::parse($text)->label);
        } catch (CoreError) {
            return null;
        }
    }

    private static function size(string $text): ?Wanted
    {
        try {
            return Wanted::of(Facet::Size, ConductorSize::parse($text)->label);
        } catch (CoreError) {
            return null;
        }
    }
}
