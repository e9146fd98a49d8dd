<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\CoreError;
use Berm\Core\Formula\Formula;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Kit\RuleKind;
use Berm\Core\Margin\Locus;
use Berm\Core\Margin\Margin;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Place\Place;
use Berm\Core\Profile\Profile;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** Holds where everything lies against what the kit asks. @internal use Section::of() */
final readonly class Rulings
{
    private Assembly $assembly;

    /** @param list<PlacedItem> $placed in the order in which they are set */
    private function __construct(private Places $places, private array $placed)
    {
        $this->assembly = $places->assembly;
    }

    /**
     * @param list<PlacedItem> $placed in the order in which they are set
     *
     * @return list<Ruling>
     *
     * @throws CoreError when a limit cannot be worked out
     */
    public static function of(Places $places, array $placed, Profile $profile): array
    {
        $rulings = new self($places, $placed);
        $radial = new RadialRulings($places, $placed, $profile);

        return [
            ...$rulings->all($radial->ofRule(...)), ...$radial->passing(), ...AlwaysRulings::of($places, $placed, $rulings),
        ];
    }

    /**
     * Those that are about lengths only.
     *
     * @param list<PlacedItem> $placed in the order in which they are set
     *
     * @return list<Ruling>
     *
     * @throws CoreError when a limit cannot be worked out
     */
    public static function ofLengths(Places $places, array $placed): array
    {
        return (new self($places, $placed))->all(static fn (): array => []);
    }

    /**
     * @param \Closure(PlaceRule): list<Ruling> $radial of a rule about diameters or walls
     *
     * @return list<Ruling>
     */
    private function all(\Closure $radial): array
    {
        $all = [];
        foreach ($this->assembly->sheet->items as $item) {
            foreach ($item->rules as $rule) {
                $all[] = $rule->kind->isRadial() ? $radial($rule) : $this->ofItem($item, $rule);
            }
        }
        foreach ($this->assembly->sheet->placeRules as $rule) {
            $all[] = $rule->kind->isRadial() ? $radial($rule) : $this->ofSheet($rule);
        }

        return array_merge([], ...$all);
    }

    /** @return list<Ruling> */
    private function ofItem(Item $item, PlaceRule $rule): array
    {
        $rulings = [];
        foreach ($this->places->placed($item) as $one) {
            foreach ($this->targets($rule, $one) as [$end, $from, $to, $name]) {
                if (!$this->isIn($rule, $this->assembly->cable($end))) {
                    continue;
                }
                [$value, $margin] = $this->measured($rule, $this->part($one, $rule), $from, $to, $end);
                $core = RuledCore::of($this->assembly, $item, $rule, $end, $this->places->core);
                $rulings[] = $this->ruling(
                    $rule, $item->name, $name, Where::of($end, $core), $value, $margin, $this->assembly->cable($end),
                );
            }
        }

        return $rulings;
    }

    /** Of a rule of the sheet as a whole. */
    private function where(PlaceRule $rule, ?End $end): Where
    {
        return Where::of($end, RuledCore::of($this->assembly, null, $rule, $end, $this->places->core));
    }

    private function isIn(PlaceRule $rule, CableEnd $cable): bool
    {
        return null === $rule->when || $rule->when->holds($this->places->values($cable));
    }

    /** The whole item, or the feature that the rule is about. */
    private function part(PlacedItem $one, PlaceRule $rule): PlacedItem
    {
        foreach ($one->item->features as $feature) {
            if ($feature->key === $rule->by) {
                $frame = $this->places->frame($one->end ?? $this->assembly->cables[0]->end);
                $edges = $this->places->edges($one->item, $one->end ?? $this->assembly->cables[0]->end, $feature);
                [$from, $to] = $frame->stretch(...$edges);

                return new PlacedItem($one->item, $one->end, $one->index, $from, $to);
            }
        }

        return $one;
    }

    /**
     * Every place that the rule may mean: a layer on each end where the item lies, the connector, each piece of another item.
     *
     * @return list<array{End, Locus, Locus, string}> end, from and to on the axis, name
     */
    private function targets(PlaceRule $rule, PlacedItem $one): array
    {
        $of = $rule->of;
        $end = $one->end ?? $this->assembly->cables[0]->end;
        $layer = $of?->asLayer();
        if (null === $of) {
            return [];
        }
        if (null !== $layer) {
            $ends = null === $one->end ? array_map(static fn (CableEnd $cable): End => $cable->end, $this->assembly->cables) : [$one->end];

            return array_merge([], ...array_map(fn (End $at): array => $this->layer($at, $of), $ends));
        }
        $item = $this->assembly->sheet->items[$of->key] ?? null;
        if (null === $item) {
            return Place::CONNECTOR === $of->key ? [[$end, ...$this->places->connector(), $this->assembly->connector->kind->label()]] : [];
        }
        $targets = [];
        foreach ($this->places->placed($item) as $target) {
            if (null === $target->end || null === $one->end || $target->end === $one->end) {
                $targets[] = [$one->end ?? $target->end ?? $end, $target->from, $target->to, $item->name];
            }
        }

        return $targets;
    }

    /** @return list<array{End, Locus, Locus, string}> nothing where this end has no such layer */
    private function layer(End $end, Place $of): array
    {
        $cut = $of->cut();
        $name = $of->asLayer()?->label() ?? '';
        $cuts = $this->places->cuts($end);
        if (null !== $cut && !$this->places->has($end, $cut)) {
            return [];
        }
        $near = null === $cut ? Locus::exact(Length::ofNanometres(0)) : $this->places->cut($end, $cut);
        $i = null === $cut ? \count($cuts) : (int) array_search($cut, $cuts, true);
        // The outermost layer goes on as far as anybody can see.
        $far = 0 === $i ? Locus::exact(Length::ofMillimetres(100_000)) : $this->places->cut($end, $cuts[$i - 1]);

        return [[$end, ...$this->places->frame($end)->stretch($near, $far), $name]];
    }

    /**
     * @return array{Locus, Margin}
     */
    private function measured(PlaceRule $rule, PlacedItem $one, Locus $from, Locus $to, End $end): array
    {
        $window = $this->window($rule, $this->assembly->cable($end));
        $value = match ($rule->kind) {
            RuleKind::Laps => $one->lapOn($from, $to),
            RuleKind::Covers => Locus::smallest($from->minus($one->from), $one->to->minus($to)),
            RuleKind::Butts, RuleKind::Gap => Locus::largest(Locus::exact(Length::ofNanometres(0)), $one->lapOn($from, $to)->negated()),
            RuleKind::ClearOf => $one->lapOn($from, $to)->negated(),
            RuleKind::EndsShortOf => $this->shortfall($end, $one, $from, $to),
            default => $one->middle()->minus($from->plus($to)->times(0.5)),
        };

        return [$value, $this->marginOf($rule, $value, $window)];
    }

    private function shortfall(End $end, PlacedItem $one, Locus $from, Locus $to): Locus
    {
        $frame = $this->places->frame($end);

        return $frame->edges($one->from, $one->to)[0]->minus($frame->edges($from, $to)[0]);
    }

    /** A rule that says within how much looks to both sides. */
    private function marginOf(PlaceRule $rule, Locus $value, Range $window): Margin
    {
        $most = $window->max;
        if (RuleKind::CentredOn === $rule->kind || RuleKind::SameOn === $rule->kind) {
            $most ??= Length::ofNanometres(0);

            return Margin::leastOf($value->above($most->negated()), $value->below($most));
        }
        $margins = [...(null === $window->min ? [] : [$value->above($window->min)]), ...(null === $most ? [] : [$value->below($most)])];

        return Margin::leastOf(...([] === $margins ? [$value->above(Length::ofNanometres(0))] : $margins));
    }

    /** @throws CoreError */
    public function window(PlaceRule $rule, CableEnd $cable): Range
    {
        $limit = fn (?Formula $formula): ?Length => null === $formula ? null : $this->places->evaluate($formula, $cable)->nominal;
        [$min, $max] = [$limit($rule->min), $limit($rule->max)];

        return match (true) {
            null !== $min && null !== $max => self::between($rule, $min, $max),
            null !== $max => $rule->kind->isWithin() ? Range::between(Length::ofNanometres(0), $max) : Range::atMost($max),
            default => Range::atLeast($min ?? Length::ofNanometres(0)),
        };
    }

    /** @throws CannotBeLaid */
    public static function between(PlaceRule $rule, Length $min, Length $max): Range
    {
        return $max->isLessThan($min) ? throw CannotBeLaid::upsideDown($rule, $min, $max) : Range::between($min, $max);
    }

    private function ruling(PlaceRule $rule, string $name, string $of, Where $where, Locus $value, Margin $margin, CableEnd $cable): Ruling
    {
        $isWithin = RuleKind::CentredOn === $rule->kind || RuleKind::SameOn === $rule->kind;
        $nominal = $isWithin ? $value->nominal->absolute() : $value->nominal;

        return new Ruling(
            RulingPlace::of($rule->key, $rule->kind, $rule->of, $where), $rule, $name, $of, $nominal, $this->window($rule, $cable), $margin,
            $value, '',
            $this->assembly->sheet->binds($rule),
        );
    }

    /** @return list<Ruling> */
    private function ofSheet(PlaceRule $rule): array
    {
        if (RuleKind::NoBare === $rule->kind) {
            return $this->noBare($rule);
        }
        if (null === $rule->from || null === $rule->to) {
            return [];
        }
        if (RuleKind::SameOn === $rule->kind) {
            return $this->sameOn($rule, $rule->from, $rule->to);
        }
        $rulings = [];
        foreach (SheetEnds::of($rule->side, $this->assembly) as [$one, $other]) {
            if ($this->isIn($rule, $one)) {
                $from = $this->places->frame($one->end)->onAxis($this->places->evaluate($rule->from, $one));
                $to = $this->places->frame($other->end)->onAxis($this->places->evaluate($rule->to, $other));
                $way = $one === $other
                    ? $this->places->evaluate($rule->to, $one)->minus($this->places->evaluate($rule->from, $one))
                    : $to->minus($from);
                $value = RuleKind::Reaches === $rule->kind ? $this->lengthOf($rule, $one)->minus($way) : $way;
                $margin = $this->marginOf($rule, $value, $this->window($rule, $one));
                $where = $this->where($rule, $one === $other ? $one->end : null);
                $rulings[] = $this->ruling($rule, $rule->reason, '', $where, $value, $margin, $one);
            }
        }

        return $rulings;
    }

    /** Of what must reach: as its stock is, or as it lies. @throws CoreError */
    private function lengthOf(PlaceRule $rule, CableEnd $cable): Locus
    {
        $item = $this->assembly->sheet->items[$rule->items[0] ?? ''] ?? null;
        if (null === $item) {
            return Locus::exact(Length::ofNanometres(0));
        }
        $length = $this->places->length($item, $cable->end);
        [$near, $far] = 0 === $length->nominal->nanometres ? $this->places->edges($item, $cable->end) : [
            Locus::exact(Length::ofNanometres(0)), $length,
        ];

        return $far->minus($near);
    }

    /** @return list<Ruling> nothing where there is but one end */
    private function sameOn(PlaceRule $rule, Formula $from, Formula $to): array
    {
        $on = fn (CableEnd $cable): Locus => $this->places->evaluate($to, $cable)->minus($this->places->evaluate($from, $cable));
        [$one, $other] = [$this->assembly->cables[0], $this->assembly->cables[1] ?? null];
        if (null === $other || !$this->isIn($rule, $one)) {
            return [];
        }
        $value = $on($one)->minus($on($other));

        $margin = $this->marginOf($rule, $value, $this->window($rule, $one));

        return [$this->ruling($rule, $rule->reason, '', $this->where($rule, null), $value, $margin, $one)];
    }

    /** @return list<Ruling> */
    private function noBare(PlaceRule $rule): array
    {
        $rulings = [];
        foreach (SheetEnds::of($rule->side, $this->assembly) as [$one, $other]) {
            if (null !== $rule->from && null !== $rule->to && $this->isIn($rule, $one)) {
                $from = $this->places->frame($one->end)->onAxis($this->places->evaluate($rule->from, $one));
                $to = $this->places->frame($other->end)->onAxis($this->places->evaluate($rule->to, $other));
                $rulings = [
                    ...$rulings, ...$this->covered($rule, $one === $other ? $one->end : null, $from, $to, $this->covering($rule->items)),
                ];
            }
        }

        return $rulings;
    }

    /**
     * @param list<string> $keys
     *
     * @return list<PlacedItem>
     */
    private function covering(array $keys): array
    {
        return array_values(array_filter($this->placed, static fn (PlacedItem $one): bool => \in_array($one->item->key, $keys, true)));
    }

    /**
     * From one place to another everything lies beneath at least one of the items: each must lap the next, and the first and the last the
     * two places.
     *
     * @param list<PlacedItem> $covering
     *
     * @return list<Ruling>
     */
    public function covered(PlaceRule $rule, ?End $end, Locus $from, Locus $to, array $covering): array
    {
        [$from, $to] = $to->nominal->isLessThan($from->nominal) ? [$to, $from] : [$from, $to];
        $links = Chain::of($from, $to, $covering);
        $margins = array_map(static fn (Link $link): Margin => $link->lap->above(Length::ofNanometres(0)), $links);
        $least = $links[0];
        foreach ($links as $link) {
            $least = $link->lap->nominal->isLessThan($least->lap->nominal) ? $link : $least;
        }
        $cable = $this->assembly->cable($end);
        $where = $this->where($rule, $end);

        return [new Ruling(
            RulingPlace::of($rule->key, $rule->kind, $rule->of, $where), $rule, $rule->reason, '', $least->lap->nominal,
            $this->window($rule, $cable), Margin::leastOf(...$margins), null, $least->inWords(),
            $this->assembly->sheet->binds($rule),
        )];
    }

    public function cutPlace(End $end, Cut $cut): Locus
    {
        return $this->places->frame($end)->onAxis($this->places->cut($end, $cut));
    }
}
