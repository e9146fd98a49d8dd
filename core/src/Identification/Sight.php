<?php

declare(strict_types=1);

namespace Berm\Core\Identification;

use Berm\Core\Cable\Seen;

/** What the eye sees, held against what a construction looks like. */
enum Sight: string
{
    case Cores = 'cores';
    case Shape = 'shape';
    case Material = 'material';
    case Strands = 'strands';
    case Insulation = 'insulation';
    case Screen = 'screen';
    case WireCount = 'wire-count';
    case WireDiameter = 'wire-diameter';
    case Armour = 'armour';

    /** Wires are drawn to ± 3 %. Source: common practice. */
    private const WIRE_TOLERANCE = 0.03;

    /** @return list<self> */
    public static function contradictions(Seen $seen, Features $features): array
    {
        return array_values(array_filter(self::cases(), static fn (self $sight): bool => $sight->contradicts($seen, $features)));
    }

    public function question(): string
    {
        return match ($this) {
            self::Cores => 'Count the cores.',
            self::Shape => 'Look whether the conductor is round or a sector.',
            self::Material => 'Look whether the conductor is copper or aluminium: scrape a strand.',
            self::Strands => 'Look whether the conductor is solid or stranded.',
            self::Insulation => 'Look at the insulation: XLPE is milky and hard, EPR opaque and rubbery, paper is paper.',
            self::Screen => 'Look at the [metallic screen].',
            self::WireCount => 'Count the wires of the [metallic screen].',
            self::WireDiameter => 'Measure one wire of the [metallic screen].',
            self::Armour => 'Look at the [armour].',
        };
    }

    /** Do the two look different in this? */
    public function tellsApart(Features $one, Features $other): bool
    {
        return match ($this) {
            self::Cores => $one->cores !== $other->cores,
            self::Shape => $one->isSector !== $other->isSector,
            self::Material => $one->material !== $other->material,
            self::Strands => $one->isStranded !== $other->isStranded,
            self::Insulation => $one->insulation !== $other->insulation,
            self::Screen => $one->screen !== $other->screen,
            self::WireCount => $one->wireCount > 0 && $other->wireCount > 0 && $one->wireCount !== $other->wireCount,
            self::WireDiameter => $one->wireNanometres > 0 && $other->wireNanometres > 0 && abs(
                $one->wireNanometres - $other->wireNanometres,
            ) > 2 * self::WIRE_TOLERANCE * $one->wireNanometres,
            self::Armour => $one->armour !== $other->armour,
        };
    }

    public function wasLookedAt(Seen $seen): bool
    {
        return null !== match ($this) {
            self::Cores => $seen->cores,
            self::Shape => $seen->isSector,
            self::Material => $seen->material,
            self::Strands => $seen->isStranded,
            self::Insulation => $seen->insulation,
            self::Screen => $seen->screen,
            self::WireCount => $seen->wireCount,
            self::WireDiameter => $seen->wireDiameter,
            self::Armour => $seen->armour,
        };
    }

    private function contradicts(Seen $seen, Features $features): bool
    {
        if (!$this->wasLookedAt($seen)) {
            return false;
        }

        return match ($this) {
            self::Cores => $seen->cores?->value !== $features->cores,
            self::Shape => $seen->isSector !== $features->isSector,
            self::Material => $seen->material?->value !== $features->material,
            self::Strands => $seen->isStranded !== $features->isStranded,
            self::Insulation => null !== $seen->insulation && Features::looksLike($seen->insulation) !== $features->insulation,
            self::Screen => $seen->screen?->value !== $features->screen,
            self::WireCount => $features->wireCount > 0 && $seen->wireCount !== $features->wireCount,
            self::WireDiameter => $features->wireNanometres > 0 && self::isOtherWire($seen, $features),
            self::Armour => $seen->armour?->value !== $features->armour,
        };
    }

    private static function isOtherWire(Seen $seen, Features $features): bool
    {
        $read = $seen->wireDiameter;

        return null !== $read && abs(
            $read->value->nanometres - $features->wireNanometres,
        ) > self::WIRE_TOLERANCE * $features->wireNanometres + $read->uncertainty()->nanometres;
    }
}
