<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

/**
 * A sheet without what only its maker can say: which layers are cut, what lies where and in which order, what is looked at and which
 * mistakes are caught stay; every dimension, range, count and time to wait is blank. Tolerances of a hand, minutes of work and the words
 * stay as the trade has them, to be read against the leaflet.
 *
 * @phpstan-type Document array<mixed>
 */
final class Skeleton
{
    /** What stays of something in the box: what it is, not how large. */
    private const OF_STOCK = ['key', 'name', 'kind', 'grades', 'onePerCore', 'useAll', 'moistureBag'];

    /** What a leaflet need not say, and few do. */
    private const SELDOM = ['gtin', 'materials', 'shapes'];

    /** Formulas with a leaflet's lengths in them. */
    private const FORMULAS = ['distance', 'from', 'to', 'fromCentre', 'overlap', 'size', 'min', 'max', 'passes', 'wait'];

    /**
     * @param Document $sheet of the second edition
     *
     * @return Document
     */
    public static function ofSheet(array $sheet, string $id): array
    {
        $blanked = [
            'id' => '', 'revision' => 1, 'edition' => 2, 'begun' => ['from' => $id], 'name' => '', 'maker' => '', 'leaflet' => '',
            'function' => $sheet['function'] ?? '', 'technology' => $sheet['technology'] ?? '', 'ratedVoltage' => '',
            'places' => [], ...(isset($sheet['mountings']) ? ['mountings' => []] : []),
            'cores' => $sheet['cores'] ?? 1, 'insulations' => [], 'metallicScreens' => $sheet['metallicScreens'] ?? [],
            ...(isset($sheet['armours']) ? ['armours' => $sheet['armours']] : []),
            ...(\is_array($sheet['endB'] ?? null) ? ['endB' => [...$sheet['endB'], 'insulations' => []]] : []),
            'shelf' => self::empty(Loose::object($sheet, 'shelf')),
        ];
        foreach (['asked', 'sizes', 'overlappingSizes', 'stock', 'cuts', 'items', 'placeRules', 'excepted', 'stages'] as $part) {
            if (!isset($sheet[$part])) {
                continue;
            }
            $blanked[$part] = match ($part) {
                'sizes' => [self::empty(Loose::entries($sheet, 'sizes')[0] ?? [])],
                'stock' => array_map(self::stock(...), Loose::entries($sheet, $part)),
                'overlappingSizes', 'excepted' => $sheet[$part],
                default => self::formulas($sheet[$part], ''),
            };
        }

        return $blanked;
    }

    /**
     * What accessories of its kind are called: its name without the voltages, which are a maker's.
     *
     * @param Document $sheet
     */
    public static function titleOf(array $sheet): string
    {
        return (string) preg_replace('/,? (?:up )?(?:to )?\d[\d., toand]* kV/u', '', Loose::text($sheet, 'name') ?? '');
    }

    /**
     * Of a size everything is the leaflet's.
     *
     * @param array<mixed> $values
     *
     * @return array<mixed>
     */
    private static function empty(array $values): array
    {
        $kept = array_diff_key($values, array_flip(self::SELDOM));

        return array_map(static fn (mixed $value): mixed => \is_array($value) ? self::empty($value) : '', $kept);
    }

    /**
     * @param Document $stock
     *
     * @return Document
     */
    private static function stock(array $stock): array
    {
        $blanked = [];
        foreach ($stock as $key => $value) {
            $blanked[$key] = match (true) {
                \in_array($key, self::OF_STOCK, true) => $value,
                \is_array($value) => self::empty($value),
                default => '',
            };
        }

        return $blanked;
    }

    /** Rules, places, checks and steps: their lengths, counts and waits are blank, the words stay. */
    private static function formulas(mixed $value, int|string $key): mixed
    {
        if (\is_array($value)) {
            $blanked = [];
            foreach ('tolerance' === $key ? [] : $value as $name => $inner) {
                $blanked[$name] = self::formulas($inner, \is_int($name) ? $key : $name);
            }

            return 'tolerance' === $key ? $value : $blanked;
        }
        if (!\in_array($key, self::FORMULAS, true)) {
            return $value;
        }

        return \is_string($value) && 'wait' !== $key && !self::isTorqueOrTime($value) ? Blank::inFormula($value) : '';
    }

    private static function isTorqueOrTime(string $text): bool
    {
        return 1 === preg_match('/\A\s*\d+(?:[.,]\d+)?\s*(?:N·m|Nm|lbf·ft|lbf·in|s|min|h)\z/u', $text);
    }
}
