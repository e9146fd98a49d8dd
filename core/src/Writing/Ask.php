<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

use Berm\Core\Saying\Sentence;

/**
 * What a blank field asks, in the words of somebody with the leaflet in hand.
 *
 * @internal
 */
final class Ask
{
    private const OF_SHEET = [
        'id' => 'Which id shall it have?',
        'name' => 'What is it called?',
        'maker' => 'Who makes it?',
        'leaflet' => 'Which edition or date stands on the leaflet?',
        'ratedVoltage' => 'For which voltage? “6.35/11 (12) kV”, or a class, “15 kV”.',
        'insulations' => 'For which insulations?',
        'metallicScreens' => 'For which metallic screens?',
        'armours' => 'For which armours?',
        'places' => 'Where may it be used?',
        'mountings' => 'How may it stand?',
        'months' => 'How many months does it keep from manufacture?',
        'storage' => 'How is it stored?',
        'coldestInstallation' => 'From which temperature may it be installed?',
        'warmestInstallation' => 'Up to which temperature may it be installed?',
        'sizes' => 'Which sizes are there?',
        'stock' => 'What lies in the box?',
        'cuts' => 'Which layers are cut back?',
        'items' => 'What lies on the cable?',
        'stages' => 'In which order is it done?',
    ];

    private const RANGES = [
        'conductor' => ['Smallest conductor?', 'Largest conductor?'],
        'insulation' => ['Over the [insulation], from?', 'Over the [insulation], up to?'],
        'oversheath' => ['Over the [oversheath], from?', 'Over the [oversheath], up to?'],
        'leadSheath' => ['Over the [lead sheath], from?', 'Over the [lead sheath], up to?'],
        'connectorDiameter' => ['Connector or lug across, from?', 'Connector or lug across, up to?'],
        'connectorLength' => ['Connector or barrel long, from?', 'Connector or barrel long, up to?'],
    ];

    private const OF_STOCK = [
        'count' => 'How many?',
        'width' => 'How wide?',
        'thickness' => 'How thick?',
        'length' => 'How long as supplied?',
        'installedLength' => 'How long once installed?',
        'expandedBore' => 'How wide inside as supplied?',
        'recoveredBore' => 'To which bore does it shrink with nothing inside?',
        'wall' => 'How thick is its wall then?',
        'outside' => 'How wide outside as supplied?',
        'row' => 'How many in a row?',
        'pitch' => 'How far from one to the next?',
        'lap' => 'How far does one turn lap the one before?',
        'stretch' => 'Stretched to which part of its width? 1 is not stretched, 0.5 to half its width.',
        'base' => 'What is it made of?',
        'mass' => 'How many grams?',
        'from' => 'Round how little does it go?',
        'to' => 'Round how much does it go?',
        'turnsBeforeFolding' => 'How many turns before folding back?',
        'crossSection' => 'Which cross-section?',
        'moistureBlock' => 'How far from its end is the block?',
        'layers' => 'How many layers?',
        'thread' => 'Which thread?',
        'torque' => 'Which torque?',
        'acrossFlats' => 'How wide across its flats?',
        'percent' => 'By how many per cent does its length change as it shrinks? Below zero: it becomes shorter.',
        'below' => 'By how much less may it be?',
        'above' => 'By how much more may it be?',
    ];

    private const OF_ITEM = [
        'from' => 'Where does it begin, towards the connector or lug?',
        'to' => 'Where does it end, towards the cable?',
        'fromCentre' => 'How far from the middle is its edge?',
        'size' => 'How thick does it lie?',
        'passes' => 'How many passes?',
        'overlap' => 'How far do they lap?',
        'min' => 'How much at least?',
        'max' => 'How much at most?',
    ];

    private const OF_STAGE = ['min' => 'At least?', 'max' => 'At most?', 'wait' => 'How long does it wait then?'];

    /**
     * @param non-empty-list<int|string> $keys
     * @param Uses                       $uses of the sheet's dimensions
     */
    public static function for(array $keys, Uses $uses): Sentence
    {
        $key = (string) $keys[\count($keys) - 1];
        if ('sizes' === $keys[0] && 'dimensions' === ($keys[2] ?? '')) {
            return Sentence::of('How long is “{name}”? ({uses})', ['name' => self::spaced($key), 'uses' => $uses->of($key)]);
        }
        $known = match ($keys[0]) {
            'sizes' => self::ofSize($keys),
            'stock' => self::OF_STOCK[$key] ?? null,
            'cuts' => 'distance' === $key ? 'How far from the end of the conductor?' : null,
            'items', 'placeRules' => self::OF_ITEM[$key] ?? null,
            'stages' => self::OF_STAGE[$key] ?? null,
            default => self::OF_SHEET[$key] ?? null,
        };

        return null === $known ? Sentence::of('{field}?', ['field' => ucfirst(self::spaced($key))]) : Sentence::plain($known);
    }

    /** @param non-empty-list<int|string> $keys */
    private static function ofSize(array $keys): ?string
    {
        [$key, $group] = [(string) $keys[\count($keys) - 1], (string) $keys[\count($keys) - 2]];

        return match (true) {
            'label' === $key => 'What is this size called?',
            'ratedVoltage' === $key => 'For which voltage is this size?',
            isset(self::RANGES[$group]) => self::RANGES[$group]['min' === $key ? 0 : 1],
            \in_array('stock', $keys, true) => self::OF_STOCK[$key] ?? null,
            default => null,
        };
    }

    private static function spaced(string $key): string
    {
        return mb_strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])|_|-/', ' ', $key));
    }
}
