<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Cable\Standard\NotInStandard;
use Berm\Core\Cable\Standard\Standards;
use Berm\Core\Quantity\Rounding;

/** Works out the layers that a description leaves open, from the standard that it falls under. */
final class Completion
{
    /** Every layer that can be worked out, marked as computed; what no rule gives stays open and is asked for when a decision needs it. */
    public static function of(Construction $cable): Construction
    {
        try {
            $standard = self::byKind(Standards::layers($cable->design));
        } catch (NotInStandard) {
            return $cable;
        }
        $layers = [];
        $beneath = null;
        foreach ($cable->design->layers() as $kind) {
            $layer = $cable->layers[$kind->value] ?? self::computed($kind, $standard, $beneath);
            if (null !== $layer && (isset($cable->layers[$kind->value]) || self::liesBetween($layer, $beneath, $cable))) {
                $layers[] = $beneath = $layer;
            }
        }

        return $cable->withLayers($layers);
    }

    /** A computed layer that does not fit between what is stated cannot be right: it is left open. */
    private static function liesBetween(Layer $layer, ?Layer $beneath, Construction $cable): bool
    {
        foreach ($cable->layers as $stated) {
            if ($stated->kind->depth() > $layer->kind->depth() && $stated->diameter->isAtMost($layer->diameter)) {
                return false;
            }
        }

        return null === $beneath || $beneath->diameter->isLessThan($layer->diameter);
    }

    /**
     * As the standard has it; over a stated layer, that layer and the standard's walls.
     *
     * @param array<string, Layer> $standard
     */
    private static function computed(LayerKind $kind, array $standard, ?Layer $beneath): ?Layer
    {
        $layer = $standard[$kind->value] ?? null;
        $under = null === $beneath ? null : $standard[$beneath->kind->value] ?? null;
        if (null === $layer
            || null === $beneath
            || null === $under
            || Basis::Computed === $beneath->basis && $beneath->diameter->equals($under->diameter)) {
            return $layer;
        }
        if (LayerKind::LaidUpCores === $kind) {
            return $layer->movedTo($beneath->diameter->times(2_154_701)->dividedBy(1_000_000, Rounding::Nearest));
        }

        return $layer->movedTo($beneath->diameter->plus($layer->diameter->minus($under->diameter)));
    }

    /**
     * @param list<Layer> $layers
     *
     * @return array<string, Layer>
     */
    private static function byKind(array $layers): array
    {
        return array_combine(array_map(static fn (Layer $layer): string => $layer->kind->value, $layers), $layers);
    }
}
