<?php

declare(strict_types=1);

namespace Berm\Core\Prove;

use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Conductor\SizeRange;
use Berm\Core\Connector\Barrel;
use Berm\Core\Connector\Barrels;
use Berm\Core\Connector\Bolts;
use Berm\Core\Connector\CentreStop;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\ConnectorKind;
use Berm\Core\Connector\Crimps;
use Berm\Core\Connector\Fixing;
use Berm\Core\Connector\Pad;
use Berm\Core\Connector\Seating;
use Berm\Core\Connector\Specification;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\SizeTakes;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Quantity\Tolerance;
use Berm\Core\Quantity\Toleranced;
use Berm\Core\Revision;

/** Connectors and lugs at the ends of what a size takes, made up. @internal use Prover */
final class Connectors
{
    /** Crimps a side, and what each makes it longer. Source: common practice, 3 to 6 mm for a joint connector. */
    private const CRIMPS = 3;

    /**
     * @return array<string, Connector> by what they are
     */
    public static function of(KitSize $size, ConnectorKind $kind, CentreStop $stop): array
    {
        $made = [];
        foreach (['short' => $size->connectorLength->min, 'long' => $size->connectorLength->max] as $long => $length) {
            foreach (['thin' => $size->connectorDiameter->min, 'thick' => $size->connectorDiameter->max] as $thick => $diameter) {
                foreach (Fixing::cases() as $fixing) {
                    $connector = null === $length || null === $diameter
                        ? null
                        : self::make($size, $kind, $stop, $fixing, $length, $diameter);
                    $made = null === $connector ? $made : [...$made, "$long $thick {$fixing->label()}" => $connector];
                }
            }
        }

        return $made;
    }

    private static function make(
        KitSize $size, ConnectorKind $kind, CentreStop $stop, Fixing $fixing, Length $length, Length $diameter,
    ): ?Connector {
        $isJoint = ConnectorKind::Joint === $kind;
        $crimps = Fixing::Crimp === $fixing ? Crimps::of('any', self::CRIMPS, Toleranced::of(
            Length::ofMicrometres(600), Tolerance::of(Length::ofMicrometres(200), Length::ofMicrometres(200)),
        )) : null;
        // A sheet's range is that of the connector once it is fixed.
        $grown = null === $crimps ? Length::ofNanometres(0) : Length::ofMicrometres(600 * self::CRIMPS * ($isJoint ? 2 : 1));
        $whole = $length->minus($grown);
        $stopLength = CentreStop::None === $stop || !$isJoint ? Length::ofNanometres(0) : Length::ofMillimetres(4);
        $depth = $isJoint ? $whole->minus($stopLength)->dividedBy(2, Rounding::Down) : $whole->minus(Length::ofMillimetres(4));
        if ($depth->isLessThan(Length::ofMillimetres(15))) {
            return null;
        }
        $bore = $diameter->minus(Length::ofMicrometres(2000));
        $barrel = Barrel::of(ConductorMaterial::cases(), self::conductors($size), $bore, $depth, $crimps);
        $bolts = Fixing::ShearBolt === $fixing ? Bolts::of($isJoint ? 4 : 2, [], null, false) : null;
        $pad = $isJoint ? null : new Pad($diameter->times(3)->dividedBy(2, Rounding::Up), 1, Length::ofMillimetres(13));

        return Connector::of(
            Revision::of('proof', 1), 'proof', 'proof', $kind, $fixing,
            $isJoint ? Barrels::ofJoint($barrel, $barrel) : Barrels::ofLug($barrel),
            $diameter, $whole, $isJoint ? null : $depth->plus(Length::ofMillimetres(35)), 'proof',
            new Specification(ConductorShape::cases(), null, $stop, CentreStop::Solid === $stop, $bolts, $pad, Seating::of()),
        );
    }

    private static function conductors(KitSize $size): SizeRange
    {
        $all = array_values(array_map(static fn (SizeTakes $takes): SizeRange => $takes->conductors, $size->takes));
        $min = $all[0]->min;
        $max = $all[0]->max;
        foreach ($all as $range) {
            $min = $range->min->isAtMost($min) ? $range->min : $min;
            $max = $max->isAtMost($range->max) ? $range->max : $max;
        }

        return SizeRange::between($min, $max);
    }
}
