<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Side;

/** The ends that a sheet's own rule is about. @internal */
final class SheetEnds
{
    /** @return list<array{CableEnd, CableEnd}> where its from and its to are: on one end, or across a joint on both */
    public static function of(Side $side, Assembly $assembly): array
    {
        $cables = $assembly->cables;
        $isJoint = AccessoryFunction::Joint === $assembly->function();
        $each = array_map(static fn (CableEnd $cable): array => [$cable, $cable], $cables);

        return match ($side) {
            Side::Across => $isJoint && isset($cables[1]) ? [[$cables[0], $cables[1]]] : $each,
            Side::EachEnd => $each,
            Side::EndA => [$each[0]],
            Side::EndB => isset($each[1]) ? [$each[1]] : [],
        };
    }
}
