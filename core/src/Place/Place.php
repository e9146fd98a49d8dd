<?php

declare(strict_types=1);

namespace Berm\Core\Place;

use Berm\Core\Cable\LayerKind;
use Berm\Core\MarkOut\Cut;

/** What a rule of a kit sheet speaks of: a layer of the cable where it shows, the connector, or an item of the kit. */
final readonly class Place
{
    public const CONNECTOR = 'connector';

    private function __construct(
        public PlaceKind $kind,
        /** The LayerKind's value, "connector", or the item's key: no item may be named like one of the others. */
        public string $key,
    ) {
    }

    public static function layer(LayerKind $layer): self
    {
        return new self(PlaceKind::Layer, $layer->value);
    }

    public static function connector(): self
    {
        return new self(PlaceKind::Connector, self::CONNECTOR);
    }

    public static function item(string $key): self
    {
        return new self(PlaceKind::Item, $key);
    }

    /** As open files have it: whether there is an item of that key, the sheet as a whole knows. */
    public static function named(string $name): self
    {
        return match (true) {
            self::CONNECTOR === $name => self::connector(),
            \in_array($name, self::layers(), true) => self::layer(LayerKind::from($name)),
            default => self::item($name),
        };
    }

    /** @return list<string> the layers that show on a prepared end */
    public static function layers(): array
    {
        return [...array_map(static fn (Cut $cut): string => $cut->value, Cut::cases()), LayerKind::Conductor->value];
    }

    public function asLayer(): ?LayerKind
    {
        return PlaceKind::Layer === $this->kind ? LayerKind::from($this->key) : null;
    }

    /** The cut that ends the layer; null of the conductor, and where it is no layer. */
    public function cut(): ?Cut
    {
        return PlaceKind::Layer === $this->kind ? Cut::tryFrom($this->key) : null;
    }

    public function equals(self $other): bool
    {
        return $this->kind === $other->kind && $this->key === $other->key;
    }
}
