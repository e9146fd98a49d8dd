<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Property;
use Berm\Core\Place\Place;
use Berm\Core\Profile\Dim;
use Berm\Core\Profile\Profile;
use Berm\Core\Profile\Stretch;
use Berm\Core\Profile\Turn;

/** The widest thing on the way of an item, at the moment when it goes that way. @internal */
final readonly class Passing
{
    public function __construct(private Places $places, private Profile $profile)
    {
    }

    /** When it is parked, and when it comes to its place; null where it meets nothing. */
    public function widest(PlacedItem $placed): ?Obstruction
    {
        $sequence = $this->places->assembly->sheet->sequence;
        $obstructions = [$this->nest($placed), $this->pad($placed, $sequence->set($placed->item))];
        // Wherever it may wait: nobody has said yet where it will.
        foreach ($placed->item->parkOn as $end) {
            $obstructions[] = $this->toItsPark($placed, $end, $sequence->parked($placed->item));
            $obstructions[] = $this->toItsPlace($placed, $end, $sequence->set($placed->item));
        }
        if (!$placed->item->isParked()) {
            $obstructions[] = $this->toItsPlace($placed, null, $sequence->set($placed->item));
        }
        $widest = null;
        foreach ($obstructions as $one) {
            $widest = null !== $one && (null === $widest || $one->most() > $widest->most()) ? $one : $widest;
        }

        return $widest;
    }

    /** Over the whole of the end that it waits on, without the connector unless that is on already. */
    private function toItsPark(PlacedItem $placed, End $end, int $moment): ?Obstruction
    {
        $isConnectorOn = $this->isConnectorOn($moment);

        return $this->widestOf(array_filter($this->lane($placed), fn (Stretch $one): bool => $this->isOn($one, $end)
            && ($isConnectorOn || null !== $one->base->asLayer())), $moment);
    }

    private function toItsPlace(PlacedItem $placed, ?End $parkedOn, int $moment): ?Obstruction
    {
        $isConnectorOn = $this->isConnectorOn($moment);
        $isJoint = AccessoryFunction::Joint === $this->places->assembly->function();
        [$from, $to] = [$placed->from->nominal->nanometres, $placed->to->nominal->nanometres];
        $isOnWay = static fn (Stretch $one): bool => match (true) {
            !$isJoint => null === $parkedOn ? $one->from < $to : $from < $one->to,
            End::A === $parkedOn => $one->from < $to,
            End::B === $parkedOn => $from < $one->to,
            default => $from < $one->to && $one->from < $to,
        };

        return $this->widestOf(array_filter(
            $this->lane($placed), static fn (Stretch $one): bool => ($isConnectorOn || null !== $one->base->asLayer()) && $isOnWay($one),
        ), $moment);
    }

    /** The part that waits inside it, where the box says how wide that is: of a nested set each passes the one before it. */
    private function nest(PlacedItem $placed): ?Obstruction
    {
        $sequence = $this->places->assembly->sheet->sequence;
        $inner = null;
        foreach ($this->places->assembly->sheet->items as $item) {
            $isInside = $item->isNested && $placed->item->isNested && $item->isPerCore === $placed->item->isPerCore
                && self::waitTogether($item, $placed->item) && $sequence->set($item) < $sequence->set($placed->item);
            $inner = $isInside && (null === $inner || $sequence->set($inner) < $sequence->set($item)) ? $item : $inner;
        }
        $outside = null === $inner ? null : $this->places->causes->stock($inner, $placed->end, Property::Outside);
        $dim = null === $outside ? null : Dim::of($outside);

        return null === $inner || null === $dim ? null : new Obstruction(
            'the '.lcfirst($inner->name).', parked', $dim->at(...), $dim->causes,
        );
    }

    private static function waitTogether(Item $one, Item $other): bool
    {
        return [] !== array_filter($one->parkOn, static fn (End $end): bool => \in_array($end, $other->parkOn, true));
    }

    private function pad(PlacedItem $placed, int $moment): ?Obstruction
    {
        $isOverIt = AccessoryFunction::Joint !== $this->places->assembly->function() && $this->isConnectorOn($moment)
            && !$placed->item->isParked();
        $pad = $isOverIt ? $this->places->assembly->connector->specification->pad : null;

        return null === $pad ? null : new Obstruction(
            'the pad of the lug', static fn (Turn $turn): float => $pad->width->inMillimetres(), [],
        );
    }

    private function isConnectorOn(int $moment): bool
    {
        return $this->places->assembly->sheet->sequence->connector < $moment;
    }

    /** @param array<int, Stretch> $stretches */
    private function widestOf(array $stretches, int $moment): ?Obstruction
    {
        $sheet = $this->places->assembly->sheet;
        $present = $sheet->sequence->present($sheet->items, $moment);
        $widest = null;
        $most = -1.0;
        foreach ($stretches as $stretch) {
            $over = $stretch->mostAsOf($present);
            [$widest, $most] = $over > $most ? [$stretch, $over] : [$widest, $most];
        }

        return null === $widest ? null : self::over($widest->asOf($present));
    }

    /** @return list<Stretch> */
    private function lane(PlacedItem $placed): array
    {
        return $this->profile->lane($placed, 1 === $this->places->assembly->cores());
    }

    private function isOn(Stretch $stretch, End $end): bool
    {
        $isJoint = AccessoryFunction::Joint === $this->places->assembly->function();

        return !$isJoint || (End::A === $end ? $stretch->middle() < 0 : $stretch->middle() > 0);
    }

    private static function over(Stretch $then): Obstruction
    {
        $last = [] === $then->coats ? null : $then->coats[\count($then->coats) - 1]->placed->item;

        return new Obstruction(
            null === $last ? self::name($then->base) : 'the '.lcfirst($last->name), $then->outside(...), $then->causes(),
        );
    }

    private static function name(Place $base): string
    {
        $layer = $base->asLayer();

        return null === $layer ? 'the connector' : "the [{$layer->label()}]";
    }
}
