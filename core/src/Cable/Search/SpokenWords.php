<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Search;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;

/**
 * Words for what a cable is made of. A metal alone is that of the conductor. The short forms are common practice.
 *
 * @internal
 */
final class SpokenWords
{
    /** @return array{list<Wanted>, string} what is asked, and the text without it */
    public static function take(string $text): array
    {
        $found = [];
        foreach (self::words() as $pattern => $wanted) {
            $text = (string) preg_replace("/(?<= )(?:$pattern)(?= )/u", '', $text, -1, $count);
            $found = $count > 0 ? [...$found, ...$wanted] : $found;
        }

        return [$found, $text];
    }

    /** @return array<string, list<Wanted>> by pattern; what is longer comes first */
    private static function words(): array
    {
        return [
            '(?:copper|cu) wires?(?: screen| shield)?' => [Wanted::of(Facet::Screen, MetallicScreen::CopperWire)],
            '(?:copper|cu) tape(?: screen| shield)?|tape (?:screen|shield)' => [Wanted::of(Facet::Screen, MetallicScreen::CopperTape)],
            '(?:corrugated|longitudinal)(?: tape)?' => [Wanted::of(Facet::Screen, MetallicScreen::CorrugatedTape)],
            'concentric(?: neutral)?|(?:bare )?concentrics?' => [Wanted::of(Facet::Screen, MetallicScreen::ConcentricNeutral)],
            'flat straps?' => [Wanted::of(Facet::Screen, MetallicScreen::FlatStrap)],
            'lead(?: sheath(?:ed)?)?' => [Wanted::of(Facet::Screen, MetallicScreen::LeadSheath)],
            'swa|steel wires?(?: armou?r(?:ed)?)?' => [Wanted::of(Facet::Armour, Armour::SteelWire)],
            'awa|alumini?um wires?(?: armou?r(?:ed)?)?' => [Wanted::of(Facet::Armour, Armour::AluminiumWire)],
            'sta|dsta|steel tapes?(?: armou?r(?:ed)?)?' => [Wanted::of(Facet::Armour, Armour::SteelTape)],
            'armou?red' => [Wanted::of(Facet::Armour, Armour::SteelWire, Armour::AluminiumWire, Armour::SteelTape)],
            'unarmou?red' => [Wanted::of(Facet::Armour, Armour::None)],
            'pilc(?:dsta|swa)?|paper(?: lead)?|mind' => [Wanted::of(Facet::Insulation, InsulationMaterial::Paper)],
            'tr-?xlpe' => [Wanted::of(Facet::Insulation, InsulationMaterial::TreeRetardantXlpe)],
            'xlpe' => [Wanted::of(Facet::Insulation, InsulationMaterial::Xlpe, InsulationMaterial::TreeRetardantXlpe)],
            'epr|hepr' => [Wanted::of(Facet::Insulation, InsulationMaterial::Epr)],
            'sector(?:-?shaped)?' => [Wanted::of(Facet::Shape, ConductorShape::Sector)],
            'solid' => [Wanted::of(Facet::Shape, ConductorShape::Solid)],
            'compact(?:ed)?' => [Wanted::of(Facet::Shape, ConductorShape::Compacted)],
            'al|alu|alumini?um' => [Wanted::of(Facet::Material, ConductorMaterial::Aluminium)],
            'cu|copper' => [Wanted::of(Facet::Material, ConductorMaterial::Copper)],
        ];
    }
}
