<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Search;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Conductor\ConductorMaterial;

/**
 * The type letters of central Europe, read from the conductor outwards: N(A)2XS(E)(F)Y, N(A)KBA. The letter of the oversheath is left out:
 * it changes no dimension, and the library has each cable with one.
 *
 * Source: DIN VDE 0276-620 and -621 (type designations), from memory.
 *
 * @internal
 */
final class DrumMark
{
    /** @return array{list<Wanted>, string} what is asked, and the text without it */
    public static function take(string $text): array
    {
        $wanted = [];
        $rest = preg_replace_callback('/(?<= )n(a?)2xs(e?)(?:\(fl?\)|fl?)?2?y(?= )/', static function (array $mark) use (&$wanted): string {
            $wanted = [
                self::metal($mark[1]), Wanted::of(
                    Facet::Insulation, InsulationMaterial::Xlpe,
                ), Wanted::of(Facet::Screen, MetallicScreen::CopperWire),
                ...('e' === $mark[2] ? [Wanted::of(Facet::Cores, Cores::Three)] : []),
            ];

            return '';
        }, $text);
        $rest = preg_replace_callback('/(?<= )n(a?)k(b|r)?a(?= )/', static function (array $mark) use (&$wanted): string {
            $wanted = [
                self::metal($mark[1]), Wanted::of(Facet::Insulation, InsulationMaterial::Paper),
                ...match ($mark[2] ?? '') {
                    'b' => [Wanted::of(Facet::Armour, Armour::SteelTape)],
                    'r' => [Wanted::of(Facet::Armour, Armour::SteelWire)],
                    default => [],
                },
            ];

            return '';
        }, (string) $rest);

        return [$wanted, (string) $rest];
    }

    private static function metal(string $letter): Wanted
    {
        return Wanted::of(Facet::Material, 'a' === $letter ? ConductorMaterial::Aluminium : ConductorMaterial::Copper);
    }
}
