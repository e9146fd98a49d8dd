<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\CoreError;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Nature;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Section\Places;

/** A mark that is no cut, measured from the same datum as the cuts. */
final readonly class OtherMark
{
    private function __construct(
        public OtherMarkKind $kind,
        public End $end,
        /** On each of three cores. */
        public bool $isOnCores,
        public string $name,
        public string $reason,
        /** From the end of the conductor. */
        public Length $at,
        /** Of what has two edges. */
        public ?Length $to,
        /** How true a hand sets it; nothing where the sheet does not say. */
        public Length $hand,
    ) {
    }

    /**
     * @return list<self> end by end
     *
     * @throws CoreError when a place cannot be worked out
     */
    public static function allOf(Assembly $assembly, Places $places): array
    {
        $marks = [];
        foreach ($assembly->cables as $cable) {
            $marks[] = self::insertion($assembly, $cable);
            foreach ($assembly->sheet->items as $item) {
                $kind = self::kindOf($assembly, $item);
                if (null !== $kind && self::isOn($item, $cable->end, $places)) {
                    $marks[] = self::ofItem($kind, $assembly, $item, $cable->end, $places);
                }
            }
        }

        return $marks;
    }

    /** Where it may lie, on either of its edges; what the sheet does not say is told by a plain rule, 1 mm to either side. */
    public function window(Length $edge): Range
    {
        $either = 0 === $this->hand->nanometres ? Length::ofMillimetres(1) : $this->hand;

        return Range::between($edge->minus($either), $edge->plus($either));
    }

    /** As deep as the bore: common practice. */
    private static function insertion(Assembly $assembly, CableEnd $cable): self
    {
        $name = $assembly->function()->connectorKind()->label();

        return new self(
            OtherMarkKind::Insertion, $cable->end, $assembly->cores() > 1, 'Insertion mark on the conductor',
            "At the mouth of the $name, the conductor is home.", $assembly->connector->barrels->at($cable->end)->depth, null,
            Length::ofNanometres(0),
        );
    }

    private static function kindOf(Assembly $assembly, Item $item): ?OtherMarkKind
    {
        return match (true) {
            Nature::Zone === $item->nature => OtherMarkKind::Zone,
            Nature::Laid === $item->nature && $assembly->sheet->sequence->isTemporary($item) => OtherMarkKind::Marker,
            default => null,
        };
    }

    private static function isOn(Item $item, End $end, Places $places): bool
    {
        foreach ($places->placed($item) as $placed) {
            if (null === $placed->end || $placed->end === $end) {
                return true;
            }
        }

        return false;
    }

    private static function ofItem(OtherMarkKind $kind, Assembly $assembly, Item $item, End $end, Places $places): self
    {
        [$near, $far] = $places->edges($item, $end);
        $isAcross = null === $places->placed($item)[0]->end;

        return new self(
            $kind, $end, $item->isPerCore && $assembly->cores() > 1, $item->name, $item->reason, ($isAcross ? $far : $near)->nominal,
            // Across a joint it goes on to the other end, which has its own mark.
            $isAcross ? null : $far->nominal, $item->hand,
        );
    }
}
