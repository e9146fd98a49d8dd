<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Item;
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
            ...($placed->item->isParked() ? $this->toItsPark($placed, $sequence->parked($placed->item)) : []),
            ...$this->toItsPlace($placed, $sequence->set($placed->item)),
        ];
        $widest = null;
        foreach ($obstructions as $one) {
            $widest = null === $widest || $one->most() > $widest->most() ? $one : $widest;
        }

        return $widest;
    }

    /** @return list<Obstruction> over the whole of the end that it waits on, without the connector unless that is on already */
    private function toItsPark(PlacedItem $placed, int $moment): array
    {
        $end = $placed->item->parkOn[0];
        $isConnectorOn = $this->places->assembly->sheet->sequence->connector < $moment;

        return array_values(array_map(
            fn (Stretch $one): Obstruction => $this->over($one, $moment),
            array_filter($this->lane($placed), fn (Stretch $one): bool => $this->isOn($one, $end)
                && ($isConnectorOn || null !== $one->base->asLayer())),
        ));
    }

    /** @return list<Obstruction> */
    private function toItsPlace(PlacedItem $placed, int $moment): array
    {
        $isConnectorOn = $this->places->assembly->sheet->sequence->connector < $moment;
        $parkedOn = $placed->item->parkOn[0] ?? null;
        $isJoint = AccessoryFunction::Joint === $this->places->assembly->function();
        [$from, $to] = [$placed->from->nominal->nanometres, $placed->to->nominal->nanometres];
        $onWay = array_filter($this->lane($placed), static fn (Stretch $one): bool => ($isConnectorOn || null !== $one->base->asLayer()) && match (true) {
            !$isJoint => null === $parkedOn ? $one->from < $to : $from < $one->to,
            End::A === $parkedOn => $one->from < $to,
            End::B === $parkedOn => $from < $one->to,
            default => $from < $one->to && $one->from < $to,
        });
        $pad = $isJoint || !$isConnectorOn || null !== $parkedOn ? null : $this->places->assembly->connector->specification->pad;

        return [
            ...array_values(array_map(fn (Stretch $one): Obstruction => $this->over($one, $moment), $onWay)),
            ...(null === $pad ? [] : [new Obstruction('the pad of the lug', static fn (Turn $turn): float => $pad->width->inMillimetres(), [])]),
        ];
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

    private function over(Stretch $stretch, int $moment): Obstruction
    {
        $sequence = $this->places->assembly->sheet->sequence;
        $then = $stretch->asOf(static fn (Item $item): bool => $sequence->isThere($item, $moment));
        $last = [] === $then->coats ? null : $then->coats[\count($then->coats) - 1]->placed->item;

        return new Obstruction(
            null === $last ? self::name($stretch->base) : 'the '.lcfirst($last->name), $then->outside(...), $then->causes(),
        );
    }

    private static function name(Place $base): string
    {
        $layer = $base->asLayer();

        return null === $layer ? 'the connector' : "the [{$layer->label()}]";
    }
}
