<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

use Berm\Core\Formula\Dimension;
use Berm\Core\Formula\Vocabulary;
use Berm\Core\Kit\ItemEdge;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Saying\Sentence;

/**
 * What the formulas of a sheet may use, sound or not: its own dimensions first, then its cuts and the edges of what lies on the cable,
 * what it asks of a job, and what every sheet knows.
 *
 * @phpstan-import-type Document from Skeleton
 */
final class Names
{
    private const OF_EVERY_SHEET = [
        'bore_depth' => 'how deep the conductor goes into the bore',
        'half_connector' => 'half of the connector less half of its stop: from the end of the conductor, fully in, to the mouth',
        'connector_length' => 'the whole connector, or the barrel of the lug',
        'connector_diameter' => 'across the connector or barrel',
        'connector_growth' => 'by how much a crimped connector becomes longer',
        'barrel_growth' => 'the share of that on this side',
        'mouth' => 'where the connector or lug begins, from the end of the conductor',
        'joint_centre' => 'the middle of the joint, from the end of the conductor',
        'part_length' => 'the item itself, as long as it lies',
        'conductor_diameter' => 'over the conductor',
        'insulation_diameter' => 'over the [insulation]',
        'insulation_thickness' => 'wall of the [insulation]',
        'insulation_wall' => 'wall of the [insulation], without the conductor screen',
        'insulation_screen_diameter' => 'over the [insulation screen]',
        'insulation_screen_thickness' => 'wall of the [insulation screen]',
        'metallic_screen_diameter' => 'over the [metallic screen]',
        'lead_sheath_diameter' => 'over the [lead sheath]',
        'bedding_diameter' => 'over the [bedding]',
        'armour_diameter' => 'over the [armour]',
        'oversheath_thickness' => 'wall of the [oversheath]',
        'oversheath_diameter' => 'over the [oversheath]',
        'conductor_area' => 'nominal cross-section of the conductor',
        'voltage' => 'highest voltage between phases: Um, or the class',
        'cores' => 'cores of the cable',
        'bolts' => 'shear bolts of the connector',
        'crimps' => 'crimps on this barrel',
        'connector_fixing' => 'how the connector is fixed',
        'connector_stop' => 'what stops the conductor in the middle',
        'conductor_material' => 'metal of the conductor',
        'conductor_shape' => 'shape of the conductor',
        'insulation' => 'what the [insulation] is made of',
        'insulation_screen' => 'kind of [insulation screen]',
        'metallic_screen' => 'kind of [metallic screen]',
        'armour' => 'kind of [armour]',
        'other_insulation' => 'of the cable at the other end: its [insulation]',
        'other_metallic_screen' => 'of the cable at the other end: its [metallic screen]',
        'other_armour' => 'of the cable at the other end: its [armour]',
        'end' => 'which end it is',
        'place' => 'where it will be',
        'mounting' => 'how it will stand',
    ];

    /** So many dimensions are told, and so many edges: a sheet has some dozens. */
    private const DIMENSIONS = 200;
    private const EDGES = 1000;

    /**
     * @param Document $sheet
     *
     * @return list<Name>
     */
    public static function of(array $sheet): array
    {
        $own = self::dimensions($sheet);
        $edges = self::edges($sheet);
        $asked = self::asked($sheet);
        $known = Vocabulary::withDimensions([])->forPlaces();
        $uses = Uses::in($sheet);
        $lengths = array_map(static fn (string $name): Name => self::length($name, $uses->of($name)), $own);
        $given = [];
        foreach ($known->names as $name => $is) {
            $given[] = new Name($name, $is, $known->textsOf($name), self::meaning($name));
        }
        $isCut = static fn (Name $one): bool => null !== Cut::ofFormulaName($one->name);

        return [
            ...$lengths, ...array_values(array_filter($given, $isCut)), ...$edges, ...$asked,
            ...array_values(array_filter($given, static fn (Name $one): bool => !$isCut($one))),
        ];
    }

    private static function length(string $name, Sentence $meaning): Name
    {
        return new Name($name, Dimension::Length, null, $meaning);
    }

    private static function meaning(string $name): Sentence
    {
        $isOther = str_starts_with($name, 'other_cut_');
        $cut = Cut::ofFormulaName($isOther ? substr($name, 6) : $name);

        return Sentence::plain(match (true) {
            null === $cut => self::OF_EVERY_SHEET[$name] ?? str_replace('_', ' ', $name),
            $isOther => "cut of the [{$cut->layer()->label()}] at the other end",
            default => "cut of the [{$cut->layer()->label()}], from the end of the conductor",
        });
    }

    /**
     * @param Document $sheet
     *
     * @return list<string>
     */
    private static function dimensions(array $sheet): array
    {
        $names = [];
        foreach (Loose::entries($sheet, 'sizes') as $size) {
            foreach (array_keys(Loose::object($size, 'dimensions')) as $name) {
                $names[(string) $name] = true;
            }
        }

        return array_map(strval(...), \array_slice(array_keys($names), 0, self::DIMENSIONS));
    }

    /**
     * @param Document $sheet
     *
     * @return list<Name>
     */
    private static function edges(array $sheet): array
    {
        $edges = [];
        foreach (Loose::entries($sheet, 'items') as $item) {
            foreach (null === Loose::text($item, 'key') ? [] : [null, ...Loose::entries($item, 'features')] as $feature) {
                $keys = array_filter([$item['key'] ?? null, null === $feature ? null : $feature['key'] ?? null], \is_string(...));
                $words = array_filter([$item['name'] ?? null, null === $feature ? null : $feature['name'] ?? null], \is_string(...));
                [$near, $far] = ItemEdge::names(str_replace('-', '_', implode('_', $keys)));
                $what = ['item' => implode(': ', $words)];
                $edges[] = self::length($near, Sentence::of('{item}: its edge towards the connector or lug', $what));
                $edges[] = self::length($far, Sentence::of('{item}: its edge towards the cable', $what));
            }
        }

        return \array_slice($edges, 0, self::EDGES);
    }

    /**
     * @param Document $sheet
     *
     * @return list<Name>
     */
    private static function asked(array $sheet): array
    {
        $names = [];
        foreach (Loose::entries($sheet, 'asked') as $one) {
            if (\is_string($one['key'] ?? null)) {
                $texts = array_values(array_filter(Loose::object($one, 'values'), \is_string(...)));
                $names[] = new Name(
                    $one['key'], 'length' === ($one['kind'] ?? '') ? Dimension::Length : Dimension::Text, [] === $texts ? null : $texts,
                    Sentence::of('asked of the job: {what}', ['what' => Loose::text($one, 'name') ?? $one['key']]),
                );
            }
        }

        return $names;
    }
}
