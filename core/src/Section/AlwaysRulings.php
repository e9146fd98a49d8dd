<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Kit\Always;
use Berm\Core\Kit\ElectricalClass;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Kit\RuleKind;
use Berm\Core\Kit\StockKind;
use Berm\Core\Margin\Locus;
use Berm\Core\MarkOut\Cut;

/**
 * What every accessory must keep, even if its sheet forgets: nothing energised or semiconducting bare between the metallic screens of a
 * joint, or from the metallic screen to the lug; sealed to the sheath; a paper's oil kept in. Common practice.
 *
 * @internal use Section::of()
 */
final readonly class AlwaysRulings
{
    /** @param list<PlacedItem> $placed */
    private function __construct(private Places $places, private array $placed, private Rulings $rulings)
    {
    }

    /**
     * @param list<PlacedItem> $placed
     *
     * @return list<Ruling>
     */
    public static function of(Places $places, array $placed, Rulings $rulings): array
    {
        $staying = array_values(array_filter(
            $placed, static fn (PlacedItem $one): bool => !$places->assembly->sheet->sequence->isTemporary($one->item),
        ));
        $always = new self($places, $staying, $rulings);
        $cables = $places->assembly->cables;

        return [
            ...$always->energised(),
            ...array_merge(...array_map($always->semiconducting(...), $cables)),
            ...$always->sealed(),
            ...array_merge(...array_map($always->oil(...), $cables)),
        ];
    }

    /** @return list<Ruling> the conductors and the connector, from insulation to insulation or from the lug's barrel to the insulation */
    private function energised(): array
    {
        $cables = $this->places->assembly->cables;
        $covering = $this->covering(ElectricalClass::Insulating, ElectricalClass::Grading);
        if (isset($cables[1])) {
            return $this->ruled(Always::Energised, null, $this->cut(End::A, Cut::Insulation), $this->cut(End::B, Cut::Insulation), $covering);
        }
        $mouth = $this->places->frame(End::A)->onAxis($this->places->mouth(End::A));

        return $this->ruled(Always::Energised, null, $mouth, $this->cut(End::A, Cut::Insulation), $covering);
    }

    /** @return list<Ruling> the insulation screen, as far as it shows */
    private function semiconducting(CableEnd $cable): array
    {
        $end = $cable->end;
        $outer = $this->outerOf($end, Cut::InsulationScreen);
        $covering = $this->covering(
            ElectricalClass::Insulating, ElectricalClass::Grading, ElectricalClass::Semiconducting, ElectricalClass::Metal,
        );

        return null === $outer ? [] : $this->ruled(
            Always::Semiconducting, $end, $this->cut($end, Cut::InsulationScreen), $this->cut($end, $outer), $covering,
        );
    }

    /** @return list<Ruling> from sheath to sheath, or from the metallic screen to the sheath */
    private function sealed(): array
    {
        $covering = $this->covering(ElectricalClass::Insulating);
        $cables = $this->places->assembly->cables;
        if (isset($cables[1])) {
            return $this->ruled(Always::Sealed, null, $this->cut(End::A, Cut::Oversheath), $this->cut(End::B, Cut::Oversheath), $covering);
        }
        $inner = $this->places->has(End::A, Cut::MetallicScreen) ? Cut::MetallicScreen : Cut::Insulation;

        return $this->ruled(Always::Sealed, null, $this->cut(End::A, $inner), $this->cut(End::A, Cut::Oversheath), $covering);
    }

    /** @return list<Ruling> of a paper cable: from the connector to the lead beneath what keeps the oil in */
    private function oil(CableEnd $cable): array
    {
        if ($cable->construction->design->insulation->isExtruded() || !$this->places->has($cable->end, Cut::LeadSheath)) {
            return [];
        }
        $size = $this->places->assembly->size;
        $covering = array_values(array_filter($this->placed, static fn (PlacedItem $one): bool => \in_array(
            $size->stockOf($one->item)?->kind, [StockKind::OilBarrierTube, StockKind::Breakout, StockKind::SealingMastic], true,
        )));

        return $this->ruled(
            Always::Oil, $cable->end, $this->cut($cable->end, Cut::Insulation), $this->cut($cable->end, Cut::LeadSheath), $covering,
        );
    }

    /**
     * @param list<PlacedItem> $covering
     *
     * @return list<Ruling>
     */
    private function ruled(Always $always, ?End $end, Locus $from, Locus $to, array $covering): array
    {
        $rule = PlaceRule::ofEverySheet($always->value, RuleKind::NoBare, [], $always->words());

        return $this->rulings->covered($rule, $end, $from, $to, $covering);
    }

    /** @return list<PlacedItem> */
    private function covering(ElectricalClass ...$classes): array
    {
        return array_values(array_filter($this->placed, static fn (PlacedItem $one): bool => \in_array($one->item->class, $classes, true)));
    }

    private function cut(End $end, Cut $cut): Locus
    {
        return $this->rulings->cutPlace($end, $cut);
    }

    /** The cut outside another one; null where the cable has no such layer. */
    private function outerOf(End $end, Cut $cut): ?Cut
    {
        $cuts = $this->places->cuts($end);
        $i = array_search($cut, $cuts, true);

        return false === $i || 0 === $i ? null : $cuts[$i - 1];
    }
}
