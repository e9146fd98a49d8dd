<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Place\Place;
use Berm\Core\Place\PlaceKind;

/** Of which core a rule speaks. */
final readonly class RuledCore
{
    /** Null where there is but one core, or where the rule is about what goes round all of them: it is held once, not core by core. */
    public static function of(Assembly $assembly, ?Item $item, PlaceRule $rule, ?End $end, int $core): ?int
    {
        if (1 === $assembly->cores()) {
            return null;
        }
        $isOfCable = null !== $item && !$item->isPerCore && (null === $rule->of || self::isRoundAll($assembly, $rule->of, $end));

        return $isOfCable ? null : $core;
    }

    private static function isRoundAll(Assembly $assembly, Place $of, ?End $end): bool
    {
        $cut = $of->cut();
        $ends = array_map(static fn (CableEnd $cable): End => $cable->end, $assembly->cables);

        return match ($of->kind) {
            PlaceKind::Item => false === ($assembly->sheet->items[$of->key] ?? null)?->isPerCore,
            PlaceKind::Connector => false,
            PlaceKind::Layer => null !== $cut && [] === array_filter(
                null === $end ? $ends : [$end], static fn (End $one): bool => null !== $assembly->coreOf($one, $cut, 1),
            ),
        };
    }
}
