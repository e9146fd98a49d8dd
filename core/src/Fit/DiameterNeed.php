<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\Cores;
use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Formula\Formula;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\RuleKind;
use Berm\Core\Quantity\Range;

/**
 * One diameter that a size of a kit asks of a cable end, before any cable is there: read by the fit of one size and by the ranking of
 * thousands.
 */
final readonly class DiameterNeed
{
    private function __construct(
        public Criterion $criterion,
        public Seat $seat,
        public LayerKind $layer,
        public Range $range,
        /** What sets the limit, as a sentence names it: "size 2". */
        public string $taker,
        /** Null: always. */
        public ?Formula $when,
    ) {
    }

    /** @return list<self> */
    public static function allOf(KitSheet $sheet, KitSize $size, End $end): array
    {
        $takes = $size->takes($end);
        $taker = 'size '.$size->label;

        return [
            new self(Criterion::InsulationDiameter, Seat::On, LayerKind::Insulation, $takes->insulation, $taker, null),
            new self(Criterion::OversheathDiameter, Seat::On, LayerKind::Oversheath, $takes->oversheath, $taker, null),
            ...(null === $takes->leadSheath ? [] : [new self(
                Criterion::LeadSheathDiameter, Seat::On, LayerKind::LeadSheath, $takes->leadSheath, $taker, null,
            )]),
            ...self::passing($sheet, $size, $end),
            ...self::gripping($sheet, $size, $end),
        ];
    }

    /** @return list<self> what is parked must pass what lies under it */
    private static function passing(KitSheet $sheet, KitSize $size, End $end): array
    {
        $needs = [];
        foreach ($sheet->parkedItems() as $item) {
            $bore = $size->expandedBore($item);
            if (null !== $bore && \in_array($end, $item->parkOn, true) && !self::isOnBundle($sheet, $item, $end)) {
                $isOnCore = $item->isPerCore && Cores::Three === $sheet->takes($end)->cores;
                $needs[] = new self(
                    Criterion::ParkedBore, Seat::Passing, $isOnCore ? LayerKind::InsulationScreen : LayerKind::Oversheath,
                    Range::atMost($bore),
                    \sprintf('the %s, expanded,', lcfirst($item->name)), $item->when,
                );
            }
        }

        return $needs;
    }

    /** @return list<self> what has shrunk must grip the layers that it seals or covers */
    private static function gripping(KitSheet $sheet, KitSize $size, End $end): array
    {
        $needs = [];
        foreach ($sheet->items as $item) {
            // The bore of a moulding is that of its body: its fingers have theirs, which the sheet does not give.
            $isHere = '' === $item->partOf && $item->side->isOn($end) && !self::isOnBundle($sheet, $item, $end);
            $bore = $isHere ? $size->recoveredBore($item) : null;
            foreach ($item->rules as $rule) {
                $layer = RuleKind::Laps === $rule->kind ? $rule->of?->cut()?->layer() : null;
                if (null !== $layer && null !== $bore) {
                    $needs[] = new self(
                        Criterion::RecoveredBore, Seat::Gripping, $layer, Range::atLeast($bore),
                        \sprintf('the %s, shrunk,', lcfirst($item->name)), $item->when,
                    );
                }
            }
        }

        return $needs;
    }

    /** It lies over single cables side by side, so that no one of them tells what it must grip or pass: the profile of the section does. */
    private static function isOnBundle(KitSheet $sheet, Item $item, End $end): bool
    {
        $isAmongThree = Cores::Three === $sheet->takes(End::A)->cores || Cores::Three === $sheet->takes(End::B)->cores;

        return !$item->isPerCore && $isAmongThree && Cores::One === $sheet->takes($end)->cores;
    }
}
