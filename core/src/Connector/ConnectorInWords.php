<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Saying\Sentence;

/** How a connector is made and fixed, for people. */
final class ConnectorInWords
{
    /** @return list<Sentence> */
    public static function of(Connector $connector): array
    {
        $specification = $connector->specification;

        return array_values(array_filter([
            null === $specification->class ? null : Sentence::plain("IEC 61238-1-3 class {$specification->class->value}."),
            ...self::sides($connector->barrels),
            self::stop($specification->stop),
            $specification->isOilBlocked ? Sentence::plain('Blocked against oil and water in the strands.') : null,
            \in_array(ConductorShape::Sector, $specification->shapes, true) ? Sentence::plain('Takes sector-shaped conductors.') : null,
            null === $specification->pad ? null : self::pad($specification->pad),
            ...self::crimping($connector),
            null === $specification->bolts ? null : self::bolting($specification->bolts),
            true === $specification->bolts?->leavesVoids ? Sentence::plain(
                'The bolts leave hollows: fill them with the putty that goes with it.',
            ) : null,
        ]));
    }

    /** @return list<Sentence> nothing where both sides are alike */
    private static function sides(Barrels $barrels): array
    {
        return $barrels->areAlike() ? [] : array_map(static fn (Barrel $barrel): Sentence => Sentence::of(
            'One side for {material}, {sizes}: bore {bore:fine}, {depth:fine} deep.',
            [
                'material' => implode(
                    ' and ', array_map(static fn (ConductorMaterial $material): string => $material->value, $barrel->materials),
                ),
                'sizes' => $barrel->sizes->label(), 'bore' => $barrel->bore,
                'depth' => $barrel->depth,
            ],
        ), $barrels->all());
    }

    private static function stop(CentreStop $stop): ?Sentence
    {
        return match ($stop) {
            CentreStop::None => null,
            CentreStop::Partial => Sentence::plain('A stop at its centre; oil can pass.'),
            CentreStop::Solid => Sentence::plain('A solid stop at its centre.'),
        };
    }

    private static function pad(Pad $pad): Sentence
    {
        $holes = 1 === $pad->holes ? 'one hole' : "$pad->holes holes";

        return Sentence::of("Pad {width:fine} wide, $holes of {hole:fine}.", ['width' => $pad->width, 'hole' => $pad->hole]);
    }

    /** @return list<Sentence> */
    private static function crimping(Connector $connector): array
    {
        $crimps = array_values(array_filter(array_map(static fn (Barrel $barrel): ?Crimps => $barrel->crimps, $connector->barrels->all())));
        if ([] === $crimps) {
            return [];
        }
        $where = isset($connector->barrels->other) ? ' a side' : '';
        $isAlike = 1 === \count($crimps) || serialize($crimps[0]) === serialize($crimps[1]);
        $each = array_map(static fn (Crimps $one): Sentence => Sentence::of(
            $isAlike ? "Die {die}; {count} crimps$where" : 'Die {die}; {count} crimps on its side', [
                'die' => $one->die, 'count' => $one->perSide,
            ],
        ), $isAlike ? [$crimps[0]] : $crimps);
        $grows = null === $crimps[0]->growth ? [] : ['growth' => $connector->growth()];

        return array_map(static fn (Sentence $one): Sentence => Sentence::of(
            $one->template.([] === $grows ? '.' : '; it grows by {growth:fine} in all.'), [...$one->values, ...$grows],
        ), $each);
    }

    private static function bolting(Bolts $bolts): Sentence
    {
        $order = [] === $bolts->order ? '' : ', in the order '.implode(', ', $bolts->order);
        $torque = null === $bolts->torque ? '' : '; they shear at about '.$bolts->torque->inBothUnits();

        return Sentence::plain("$bolts->count bolts$order$torque.");
    }
}
