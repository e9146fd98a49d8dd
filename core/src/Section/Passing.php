<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Place\Place;
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
        $obstructions = [
            $placed->item->isParked() ? $this->toItsPark($placed, $sequence->parked($placed->item)) : null,
            $this->toItsPlace($placed, $sequence->set($placed->item)),
            $this->pad($placed, $sequence->set($placed->item)),
        ];
        $widest = null;
        foreach ($obstructions as $one) {
            $widest = null !== $one && (null === $widest || $one->most() > $widest->most()) ? $one : $widest;
        }

        return $widest;
    }

    /** Over the whole of the end that it waits on, without the connector unless that is on already. */
    private function toItsPark(PlacedItem $placed, int $moment): ?Obstruction
    {
        $end = $placed->item->parkOn[0];
        $isConnectorOn = $this->isConnectorOn($moment);

        return $this->widestOf(array_filter($this->lane($placed), fn (Stretch $one): bool => $this->isOn($one, $end)
            && ($isConnectorOn || null !== $one->base->asLayer())), $moment);
    }

    private function toItsPlace(PlacedItem $placed, int $moment): ?Obstruction
    {
        $isConnectorOn = $this->isConnectorOn($moment);
        $parkedOn = $placed->item->parkOn[0] ?? null;
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
