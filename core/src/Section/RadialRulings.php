<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\CoreError;
use Berm\Core\Formula\Formula;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Kit\Property;
use Berm\Core\Kit\RuleKind;
use Berm\Core\Kit\Side;
use Berm\Core\Margin\Cause;
use Berm\Core\Margin\Margin;
use Berm\Core\Profile\Dim;
use Berm\Core\Profile\Profile;
use Berm\Core\Profile\RadialMargin;
use Berm\Core\Profile\Stretch;
use Berm\Core\Profile\Turn;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** Rules about diameters and walls, each held where it has least left. @internal use Section::of() */
final readonly class RadialRulings
{
    /** @param list<PlacedItem> $placed in the order in which they are set */
    public function __construct(private Places $places, private array $placed, private Profile $profile)
    {
    }

    /**
     * @return list<Ruling>
     *
     * @throws CoreError
     */
    public function ofRule(PlaceRule $rule): array
    {
        if (RuleKind::Passes === $rule->kind) {
            return [];
        }
        $rulings = [];
        foreach ($this->placed as $placed) {
            if ($placed->item->key === ($rule->items[0] ?? '') && 0 === $placed->index && $this->isIn($rule, $placed)) {
                $ruling = $this->least($rule, $placed);
                $rulings = null === $ruling ? $rulings : [...$rulings, $ruling];
            }
        }

        return $rulings;
    }

    /**
     * Every item that is slid on passes what lies on its way: a rule of its sheet says with how much to spare.
     *
     * @return list<Ruling>
     */
    public function passing(): array
    {
        $passing = new Passing($this->places, $this->profile);
        $rulings = [];
        foreach ($this->placed as $placed) {
            $bore = $this->places->causes->stock($placed->item, $placed->end, Property::ExpandedBore);
            if ($placed->item->nature->isSlidOn() && null !== $bore && 0 === $placed->index) {
                $rulings[] = $this->passes($placed, Dim::of($bore), $passing);
            }
        }

        return array_values(array_filter($rulings, static fn (?Ruling $ruling): bool => null !== $ruling));
    }

    private function isIn(PlaceRule $rule, PlacedItem $placed): bool
    {
        return null === $rule->when || $rule->when->holds($this->places->values($this->places->assembly->cable($placed->end)));
    }

    private function passes(PlacedItem $placed, Dim $bore, Passing $passing): ?Ruling
    {
        $rule = $this->ruleOf($placed->item, RuleKind::Passes) ?? PlaceRule::ofEverySheet(
            $placed->item->key, RuleKind::Passes, [$placed->item->key], '',
        );
        $clearance = $this->limit($rule->min, $placed)->inMillimetres();
        $obstacle = $passing->widest($placed);
        if (null === $obstacle) {
            return null;
        }
        $causes = array_values($bore->causes + $obstacle->causes);
        $margin = RadialMargin::of($causes, static fn (Turn $turn): float => $bore->at($turn) - $obstacle->outside($turn) - $clearance);
        $spare = Length::nearestToMillimetres($bore->nominal - $obstacle->outside(Turn::atRest()));

        return $this->ruling(
            $rule, $placed, $spare, Range::atLeast(Length::nearestToMillimetres($clearance)), $margin, 'over '.$obstacle->name,
        );
    }

    private function ruleOf(Item $item, RuleKind $kind): ?PlaceRule
    {
        foreach ($item->rules as $rule) {
            if ($rule->kind === $kind) {
                return $rule;
            }
        }

        return null;
    }

    /** The stretch where the rule has least left at the worst; null where the item lies nowhere that the rule means. */
    private function least(PlaceRule $rule, PlacedItem $placed): ?Ruling
    {
        [$min, $max] = [
            null === $rule->min && null !== $rule->max ? null : $this->limit($rule->min, $placed),
            null === $rule->max ? null : $this->limit($rule->max, $placed),
        ];
        $best = null;
        foreach ($this->stretches($rule, $placed) as $stretch) {
            $value = $this->value($rule, $stretch);
            if (null === $value) {
                continue;
            }
            [$of, $causes] = $value;
            $margins = [
                ...(null === $min ? [] : [RadialMargin::of($causes, static fn (Turn $turn): float => $of($turn) - $min->inMillimetres())]),
                ...(null === $max ? [] : [RadialMargin::of($causes, static fn (Turn $turn): float => $max->inMillimetres() - $of($turn))]),
            ];
            \assert([] !== $margins);
            $margin = Margin::leastOf(...$margins);
            if (null === $best || $margin->worst->isLessThan($best[1]->worst)) {
                $best = [Length::nearestToMillimetres($of(Turn::atRest())), $margin, $stretch];
            }
        }
        $window = null !== $min && null !== $max ? Rulings::between($rule, $min, $max) : (null === $max ? Range::atLeast(
            $min ?? Length::ofNanometres(0),
        ) : Range::atMost($max));

        return null === $best ? null : $this->ruling($rule, $placed, $best[0], $window, $best[1], 'on the '.self::name($best[2]));
    }

    /** @return array{\Closure(Turn): float, list<Cause>}|null in mm; null where the sheet does not say what it takes */
    private function value(PlaceRule $rule, Stretch $stretch): ?array
    {
        $first = $rule->items[0];
        $depth = $stretch->depthOf($first);
        $bore = null === $depth ? null : $this->places->causes->stock(
            $stretch->coats[$depth]->placed->item, $stretch->coats[$depth]->placed->end, Property::RecoveredBore,
        );

        return match ($rule->kind) {
            RuleKind::Wall => [
                static fn (Turn $turn): float => self::walls($stretch, $rule->items, $turn), array_values($stretch->causes()),
            ],
            RuleKind::Build => null === $depth ? null : [
                static fn (Turn $turn): float => $stretch->outside($turn, $depth + 1), array_values($stretch->causes($depth + 1)),
            ],
            default => null === $depth || null === $bore ? null : self::over($stretch, $depth, Dim::of($bore)),
        };
    }

    /**
     * By how much what lies beneath is wider than the bore.
     *
     * @return array{\Closure(Turn): float, list<Cause>}
     */
    private static function over(Stretch $stretch, int $depth, Dim $bore): array
    {
        return [
            static fn (Turn $turn): float => $stretch->outside($turn, $depth) - $bore->at($turn),
            array_values($stretch->causes($depth) + $bore->causes),
        ];
    }

    /** @param list<string> $items */
    private static function walls(Stretch $stretch, array $items, Turn $turn): float
    {
        $sum = 0.0;
        foreach ($stretch->coats as $i => $coat) {
            $sum += \in_array($coat->placed->item->key, $items, true)
                ? ($stretch->outside($turn, $i + 1) - $stretch->outside($turn, $i)) / 2
                : 0.0;
        }

        return $sum;
    }

    /** @return list<Stretch> those that the rule means: at a place, from one to another, on a layer, or wherever the item lies */
    private function stretches(PlaceRule $rule, PlacedItem $placed): array
    {
        $lane = $this->profile->lane($placed, 1 === $this->places->assembly->cores());
        $cable = $this->places->assembly->cable(Side::EndB === $rule->side ? End::B : $placed->end);
        $on = fn (Formula $formula): int => $this->places->frame($cable->end)->onAxis(
            $this->places->evaluate($formula, $cable),
        )->nominal->nanometres;
        if (null !== $rule->from && null === $rule->to) {
            $at = Profile::at($on($rule->from), $lane);

            return null === $at ? [] : [$at];
        }
        if (null !== $rule->from) {
            [$from, $to] = [min($on($rule->from), $on($rule->to)), max($on($rule->from), $on($rule->to))];

            return array_values(array_filter($lane, static fn (Stretch $one): bool => $from < $one->to && $one->from < $to));
        }

        return array_values(array_filter(
            array_column(Profile::under($placed, $lane), 0),
            static fn (Stretch $one): bool => null === $rule->of || $one->base->equals($rule->of),
        ));
    }

    private function limit(?Formula $formula, PlacedItem $placed): Length
    {
        $cable = $this->places->assembly->cable($placed->end);

        return null === $formula ? Length::ofNanometres(0) : $this->places->evaluate($formula, $cable)->nominal;
    }

    private function ruling(PlaceRule $rule, PlacedItem $placed, Length $value, Range $window, Margin $margin, string $at): Ruling
    {
        $core = RuledCore::of($this->places->assembly, $placed->item, $rule, $placed->end, $this->places->core);
        $where = Where::of($placed->end, $core);
        $place = RulingPlace::of($rule->key, $rule->kind, $rule->of, $where);

        return new Ruling($place, $rule, $placed->item->name, '', $value, $window, $margin, null, $at,
            $this->places->assembly->sheet->binds($rule),
        );
    }

    /** "[insulation screen]", "connector", or the last item beneath. */
    public static function name(Stretch $stretch): string
    {
        $layer = $stretch->base->asLayer();

        return null === $layer ? 'connector' : "[{$layer->label()}]";
    }
}
