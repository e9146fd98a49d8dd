<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Formula\Formula;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Place\Place;

/** One rule about where something lies, or how thick it is there: of an item, or of the sheet as a whole. */
final readonly class PlaceRule
{
    /**
     * @param list<string>          $items   keys of the items that it speaks of; of an item's own rule, that item
     * @param list<ElectricalClass> $classes what must not stay bare
     * @param list<Mistake>         $catches what it would show in time
     */
    private function __construct(
        public RuleKind $kind,
        /** The item's key, or that of the sheet's own rule. */
        public string $key,
        public array $items,
        /** What it must cover or meet; null where from and to say it. */
        public ?Place $of,
        /** A feature of the item that the rule is about; empty: the whole of it. */
        public string $by,
        public ?Formula $from,
        public ?Formula $to,
        public Side $side,
        public ?Formula $min,
        public ?Formula $max,
        public array $classes,
        /** Null: always. */
        public ?Formula $when,
        public string $reason,
        /** Every accessory keeps it, also where its sheet does not say so. */
        public bool $isOfEverySheet = false,
        public array $catches = [],
    ) {
    }

    /** @param list<Mistake> $catches */
    public static function ofItem(
        string $item, RuleKind $kind, ?Place $of, ?Formula $min, ?Formula $max, string $reason, string $by = '', ?Formula $when = null,
        array $catches = [],
    ): self {
        return new self($kind, $item, [$item], $of, $by, null, null, Side::EachEnd, $min, $max, [], $when, $reason, catches: $catches);
    }

    /** The commonest: it must lie on a layer over at least so much, at each end that it reaches. */
    public static function lap(string $item, Cut $layer, Formula $least): self
    {
        return self::ofItem($item, RuleKind::Laps, Place::layer($layer->layer()), $least, null, '');
    }

    /**
     * @param list<string>          $items
     * @param list<ElectricalClass> $classes
     * @param list<Mistake>         $catches
     */
    public static function ofSheet(
        string $key, RuleKind $kind, array $items, ?Place $of, ?Formula $from, ?Formula $to, Side $side, ?Formula $min, ?Formula $max,
        array $classes, ?Formula $when, string $reason, array $catches = [],
    ): self {
        return new self($kind, $key, $items, $of, '', $from, $to, $side, $min, $max, $classes, $when, $reason, catches: $catches);
    }

    /** @param list<string> $items keys of the items that it speaks of */
    public static function ofEverySheet(string $key, RuleKind $kind, array $items, string $reason): self
    {
        return new self($kind, $key, $items, null, '', null, null, Side::Across, null, null, [], null, $reason, true);
    }

    /** @return list<Formula> */
    public function formulas(): array
    {
        return array_values(array_filter(
            [$this->from, $this->to, $this->min, $this->max, $this->when], static fn (?Formula $formula): bool => null !== $formula,
        ));
    }
}
