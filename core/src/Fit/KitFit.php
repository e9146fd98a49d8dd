<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\CoverageRule;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Part;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Range;
use Berm\Core\Saying\Sentence;
use Berm\Core\Site\Site;

/** Does this size of this kit take these cable ends? */
final readonly class KitFit
{
    private function __construct(private KitSheet $sheet, private KitSize $size)
    {
    }

    /** @param list<CableEnd> $cables */
    public static function judge(AccessoryFunction $wanted, array $cables, Site $site, KitSheet $sheet, KitSize $size): FitReport
    {
        $fit = new self($sheet, $size);
        $report = FitReport::of($fit->function($wanted), ...SiteFit::judge($site, $sheet));
        foreach ($cables as $cable) {
            $report = $report->and($fit->cable($cable));
        }

        return $report;
    }

    private function function(AccessoryFunction $wanted): Finding
    {
        $makes = $this->sheet->application->function;

        return $wanted === $makes
            ? Finding::fits(Criterion::AccessoryFunction, null, Sentence::plain(\sprintf('The kit makes a [%s].', $wanted->label())))
            : Finding::refused(Criterion::AccessoryFunction, null, Sentence::plain(\sprintf('The job is a [%s]; this kit makes a [%s].', $wanted->label(), $makes->label())));
    }

    private function cable(CableEnd $cable): FitReport
    {
        $taker = 'size '.$this->size->label;
        $takes = $this->size->takes($cable->end);

        return FitReport::of(
            $this->cores($cable),
            $this->voltage($cable),
            $this->insulationMaterial($cable),
            $this->metallicScreen($cable),
            ...$this->armour($cable),
            ...$this->conductorKind($cable),
            ...[
                $this->conductor($cable),
                DiameterFit::judge(Criterion::InsulationDiameter, $cable, LayerKind::Insulation, $takes->insulation, $taker),
                DiameterFit::judge(Criterion::OversheathDiameter, $cable, LayerKind::Oversheath, $takes->oversheath, $taker),
            ],
            ...(null === $takes->leadSheath ? [] : [DiameterFit::judge(Criterion::LeadSheathDiameter, $cable, LayerKind::LeadSheath, $takes->leadSheath, $taker)]),
            ...$this->parkedBores($cable),
            ...$this->grips($cable),
        );
    }

    private function cores(CableEnd $cable): Finding
    {
        [$has, $takes] = [$cable->construction->design->cores, $this->sheet->takes($cable->end)->cores];

        return $has === $takes
            ? Finding::fits(Criterion::Cores, $cable->end, Sentence::plain("The kit is for {$takes->label()}."))
            : Finding::refused(Criterion::Cores, $cable->end, Sentence::plain("The cable has {$has->label()}; the kit is for {$takes->label()}."));
    }

    private function voltage(CableEnd $cable): Finding
    {
        [$needed, $offered] = [$cable->construction->design->voltage, $this->sheet->voltageOf($this->size)];
        $values = ['cable' => $needed->label, 'kit' => $offered->label];

        return $needed->highestVolts <= $offered->highestVolts
            ? Finding::fits(Criterion::Voltage, $cable->end, Sentence::of('The cable is for {cable}, the kit for {kit}.', $values))
            : Finding::refused(Criterion::Voltage, $cable->end, Sentence::of('The cable is for {cable}; the kit reaches only {kit}.', $values));
    }

    private function insulationMaterial(CableEnd $cable): Finding
    {
        $material = $cable->construction->design->insulation;
        $values = ['material' => $material->label(), 'taken' => implode(', ', array_map(static fn ($taken): string => $taken->label(), $this->sheet->takes($cable->end)->insulations))];

        return \in_array($material, $this->sheet->takes($cable->end)->insulations, true)
            ? Finding::fits(Criterion::InsulationMaterial, $cable->end, Sentence::of('The kit is made for {material}.', $values))
            : Finding::refused(Criterion::InsulationMaterial, $cable->end, Sentence::of('The insulation is {material}; the kit is made for {taken}.', $values));
    }

    private function metallicScreen(CableEnd $cable): Finding
    {
        $screen = $cable->construction->design->metallicScreen;
        $values = ['screen' => $screen->label(), 'taken' => implode(', ', array_map(static fn ($taken): string => $taken->label(), $this->sheet->takes($cable->end)->screens))];

        return \in_array($screen, $this->sheet->takes($cable->end)->screens, true)
            ? Finding::fits(Criterion::MetallicScreen, $cable->end, Sentence::of('The kit connects a {screen} screen.', $values))
            : Finding::refused(Criterion::MetallicScreen, $cable->end, Sentence::of('The [metallic screen] is {screen}; the kit connects {taken}.', $values));
    }

    private function conductor(CableEnd $cable): Finding
    {
        $values = ['size' => $cable->construction->design->conductor->size->label, 'least' => $this->size->takes($cable->end)->conductors->min->label, 'most' => $this->size->takes($cable->end)->conductors->max->label];

        return $this->size->takes($cable->end)->conductors->contains($cable->construction->design->conductor->size)
            ? Finding::fits(Criterion::ConductorSize, $cable->end, Sentence::of('{size} lies in {least} to {most}.', $values))
            : Finding::refused(Criterion::ConductorSize, $cable->end, Sentence::of('{size} lies outside {least} to {most}.', $values));
    }

    /** @return list<Finding> nothing to say of an unarmoured cable and a kit for such */
    private function armour(CableEnd $cable): array
    {
        [$has, $takes] = [$cable->construction->design->armour, $this->sheet->takes($cable->end)->armours];
        $values = ['has' => $has->label(), 'taken' => implode(', ', array_map(static fn (Armour $armour): string => $armour->label(), $takes))];

        return match (true) {
            [Armour::None] === $takes && Armour::None === $has => [],
            \in_array($has, $takes, true) => [Finding::fits(Criterion::ArmourKind, $cable->end, Sentence::of('The kit is for this [armour]: {has}.', $values))],
            default => [Finding::refused(Criterion::ArmourKind, $cable->end, Sentence::of('The [armour] is {has}; the kit is for {taken}.', $values))],
        };
    }

    /** @return list<Finding> nothing where the size takes every conductor of its range */
    private function conductorKind(CableEnd $cable): array
    {
        $conductor = $cable->construction->design->conductor;
        $takes = $this->size->takes($cable->end);
        $isTaken = ([] === $takes->materials || \in_array($conductor->material, $takes->materials, true)) && ([] === $takes->shapes || \in_array($conductor->shape, $takes->shapes, true));
        $taken = implode(', ', array_map(static fn (\BackedEnum $case): string => $case->value, [...$takes->materials, ...$takes->shapes]));
        $values = ['is' => "{$conductor->material->value}, {$conductor->shape->value}", 'size' => $this->size->label, 'taken' => $taken];

        return match (true) {
            '' === $taken => [],
            $isTaken => [Finding::fits(Criterion::ConductorKind, $cable->end, Sentence::of('Size {size} takes it: {is}.', $values))],
            default => [Finding::refused(Criterion::ConductorKind, $cable->end, Sentence::of('The conductor is {is}; size {size} takes {taken}.', $values))],
        };
    }

    /** @return list<Finding> what is parked must pass what lies under it */
    private function parkedBores(CableEnd $cable): array
    {
        $parked = array_filter($this->sheet->parkedParts(), static fn (Part $part): bool => \in_array($cable->end, $part->parkOn, true));

        return array_values(array_map(fn (Part $part): Finding => DiameterFit::judge(
            Criterion::ParkedBore,
            $cable,
            $part->isPerCore && Cores::Three === $cable->cores() ? LayerKind::InsulationScreen : LayerKind::Oversheath,
            Range::atMost($this->size->parts[$part->key]->expandedBore),
            \sprintf('the %s, expanded,', lcfirst($part->name)),
        ), $parked));
    }

    /** The layer itself where it was measured; else the outermost measured one beneath it, which is the thinner: what grips that grips the layer. */
    private static function measuredWithin(CableEnd $cable, LayerKind $layer): LayerKind
    {
        $measured = $layer;
        foreach (LayerKind::cases() as $kind) {
            $measured = $kind->depth() <= $layer->depth() && null !== $cable->asFound->diameterOver($kind) ? $kind : $measured;
        }

        return null === $cable->asFound->diameterOver($layer) ? $measured : $layer;
    }

    /** @return list<Finding> what has shrunk must grip the layers that it seals or covers */
    private function grips(CableEnd $cable): array
    {
        $findings = [];
        foreach ($this->sheet->parts as $part) {
            foreach ($part->coverage as $coverage) {
                $layer = Cut::tryFrom($coverage->of)?->layer();
                if (CoverageRule::Laps === $coverage->rule && null !== $layer && $cable->construction->design->has($layer)) {
                    $findings[] = DiameterFit::judge(Criterion::RecoveredBore, $cable, self::measuredWithin($cable, $layer), Range::atLeast($this->size->parts[$part->key]->recoveredBore), \sprintf('the %s, shrunk,', lcfirst($part->name)));
                }
            }
        }

        return $findings;
    }
}
