<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Part;
use Berm\Core\Quantity\Range;
use Berm\Core\Saying\Sentence;

/** Does this size of this kit take these cable ends? */
final readonly class KitFit
{
    private function __construct(private KitSheet $sheet, private KitSize $size)
    {
    }

    /** @param list<CableEnd> $cables */
    public static function judge(AccessoryFunction $wanted, array $cables, KitSheet $sheet, KitSize $size): FitReport
    {
        $fit = new self($sheet, $size);
        $report = FitReport::of($fit->function($wanted));
        foreach ($cables as $cable) {
            $report = $report->and($fit->cable($cable));
        }

        return $report;
    }

    private function function(AccessoryFunction $wanted): Finding
    {
        return $wanted === $this->sheet->function
            ? Finding::fits(Criterion::AccessoryFunction, null, Sentence::plain(\sprintf('The kit makes a [%s].', $wanted->value)))
            : Finding::refused(Criterion::AccessoryFunction, null, Sentence::plain(\sprintf('The job is a [%s]; this kit makes a [%s].', $wanted->value, $this->sheet->function->value)));
    }

    private function cable(CableEnd $cable): FitReport
    {
        $taker = 'size '.$this->size->label;

        return FitReport::of(
            $this->cores($cable),
            $this->voltage($cable),
            $this->insulationMaterial($cable),
            $this->metallicScreen($cable),
            $this->conductor($cable),
            DiameterFit::judge(Criterion::InsulationDiameter, $cable, LayerKind::Insulation, $this->size->insulation, $taker),
            DiameterFit::judge(Criterion::OversheathDiameter, $cable, LayerKind::Oversheath, $this->size->oversheath, $taker),
            ...$this->parkedBores($cable),
        );
    }

    private function cores(CableEnd $cable): Finding
    {
        [$has, $takes] = [$cable->construction->design->cores, $this->sheet->cores];

        return $has === $takes
            ? Finding::fits(Criterion::Cores, $cable->end, Sentence::plain("The kit is for {$takes->label()}."))
            : Finding::refused(Criterion::Cores, $cable->end, Sentence::plain("The cable has {$has->label()}; the kit is for {$takes->label()}."));
    }

    private function voltage(CableEnd $cable): Finding
    {
        [$needed, $offered] = [$cable->construction->design->voltage, $this->sheet->voltage];
        $values = ['cable' => $needed->label, 'kit' => $offered->label];

        return $needed->highestVolts <= $offered->highestVolts
            ? Finding::fits(Criterion::Voltage, $cable->end, Sentence::of('The cable is for {cable}, the kit for {kit}.', $values))
            : Finding::refused(Criterion::Voltage, $cable->end, Sentence::of('The cable is for {cable}; the kit reaches only {kit}.', $values));
    }

    private function insulationMaterial(CableEnd $cable): Finding
    {
        $material = $cable->construction->design->insulation;
        $values = ['material' => $material->label(), 'taken' => implode(', ', array_map(static fn ($taken): string => $taken->label(), $this->sheet->insulations))];

        return \in_array($material, $this->sheet->insulations, true)
            ? Finding::fits(Criterion::InsulationMaterial, $cable->end, Sentence::of('The kit is made for {material}.', $values))
            : Finding::refused(Criterion::InsulationMaterial, $cable->end, Sentence::of('The insulation is {material}; the kit is made for {taken}.', $values));
    }

    private function metallicScreen(CableEnd $cable): Finding
    {
        $screen = $cable->construction->design->metallicScreen;
        $values = ['screen' => $screen->label(), 'taken' => implode(', ', array_map(static fn ($taken): string => $taken->label(), $this->sheet->screens))];

        return \in_array($screen, $this->sheet->screens, true)
            ? Finding::fits(Criterion::MetallicScreen, $cable->end, Sentence::of('The kit connects a {screen} screen.', $values))
            : Finding::refused(Criterion::MetallicScreen, $cable->end, Sentence::of('The [metallic screen] is {screen}; the kit connects {taken}.', $values));
    }

    private function conductor(CableEnd $cable): Finding
    {
        $values = ['size' => $cable->construction->design->conductor->size->label, 'least' => $this->size->conductors->min->label, 'most' => $this->size->conductors->max->label];

        return $this->size->conductors->contains($cable->construction->design->conductor->size)
            ? Finding::fits(Criterion::ConductorSize, $cable->end, Sentence::of('{size} lies in {least} to {most}.', $values))
            : Finding::refused(Criterion::ConductorSize, $cable->end, Sentence::of('{size} lies outside {least} to {most}.', $values));
    }

    /** @return list<Finding> */
    private function parkedBores(CableEnd $cable): array
    {
        $parked = array_filter($this->sheet->parkedParts(), static fn (Part $part): bool => \in_array($cable->end, $part->parkOn, true));

        return array_values(array_map(fn (Part $part): Finding => DiameterFit::judge(
            Criterion::ParkedBore,
            $cable,
            LayerKind::Oversheath,
            Range::atMost($this->size->parts[$part->key]->expandedBore),
            \sprintf('the %s, expanded,', lcfirst($part->name)),
        ), $parked));
    }
}
