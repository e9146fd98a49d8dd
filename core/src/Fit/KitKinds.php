<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\SizeTakes;
use Berm\Core\Kit\Takes;
use Berm\Core\Quantity\Temperature;
use Berm\Core\Saying\Sentence;
use Berm\Core\Site\Mounting;
use Berm\Core\Site\Place;
use Berm\Core\Site\Site;

/**
 * The kinds of accessory, cable and site that a kit size is for: all that it asks apart from figures. Most sizes of a sheet have the same.
 */
final readonly class KitKinds
{
    /**
     * @param list<Place>                                                                   $places
     * @param list<Mounting>                                                                $mountings
     * @param non-empty-array<string, Takes>                                                $takes      by End value; end A alone where both
     *                                                                                                  are alike
     * @param non-empty-array<string, array{list<ConductorMaterial>, list<ConductorShape>}> $conductors by End value; end A alone where both
     *                                                                                                  are alike
     */
    private function __construct(
        public AccessoryFunction $function,
        public RatedVoltage $voltage,
        public array $places,
        public array $mountings,
        public ?Temperature $coldest,
        public ?Temperature $warmest,
        public array $takes,
        public array $conductors,
    ) {
    }

    public static function of(KitSheet $sheet, KitSize $size): self
    {
        $application = $sheet->application;

        return new self(
            $application->function, $sheet->voltageOf($size), $application->places, $application->mountings,
            $sheet->shelf->coldestInstallation, $sheet->shelf->warmestInstallation,
            $sheet->takes, array_map(static fn (SizeTakes $takes): array => [$takes->materials, $takes->shapes], $size->takes),
        );
    }

    /**
     * @param list<CableEnd> $cables
     * @param string         $taker  as the sentences name the size: "size 2"
     *
     * @return list<Finding>
     */
    public function judge(AccessoryFunction $wanted, array $cables, Site $site, string $taker): array
    {
        $findings = [$this->function($wanted), ...SiteFit::judge($site, $this), ...EndsFit::judge($wanted, $cables)];
        foreach ($cables as $cable) {
            $findings = [
                ...$findings,
                $this->cores($cable),
                $this->voltage($cable),
                $this->insulation($cable),
                $this->metallicScreen($cable),
                ...$this->armour($cable),
                ...$this->conductor($cable, $taker),
            ];
        }

        return $findings;
    }

    private function takes(End $end): Takes
    {
        return $this->takes[$end->value] ?? $this->takes[array_key_first($this->takes)];
    }

    private function function(AccessoryFunction $wanted): Finding
    {
        return $wanted === $this->function
            ? Finding::fits(Criterion::AccessoryFunction, null, Sentence::plain(\sprintf('The kit makes a [%s].', $wanted->label())))
            : Finding::refused(
                Criterion::AccessoryFunction,
                null,
                Sentence::plain(\sprintf('The job is a [%s]; this kit makes a [%s].', $wanted->label(), $this->function->label())),
            );
    }

    private function cores(CableEnd $cable): Finding
    {
        [$has, $takes] = [$cable->construction->design->cores, $this->takes($cable->end)->cores];

        return $has === $takes
            ? Finding::fits(Criterion::Cores, $cable->end, Sentence::plain("The kit is for {$takes->label()}."))
            : Finding::refused(
                Criterion::Cores, $cable->end, Sentence::plain("The cable has {$has->label()}; the kit is for {$takes->label()}."),
            );
    }

    private function voltage(CableEnd $cable): Finding
    {
        $needed = $cable->construction->design->voltage;
        $values = ['cable' => $needed->label, 'kit' => $this->voltage->label];

        return $needed->highestVolts <= $this->voltage->highestVolts
            ? Finding::fits(Criterion::Voltage, $cable->end, Sentence::of('The cable is for {cable}, the kit for {kit}.', $values))
            : Finding::refused(
                Criterion::Voltage, $cable->end, Sentence::of('The cable is for {cable}; the kit reaches only {kit}.', $values),
            );
    }

    private function insulation(CableEnd $cable): Finding
    {
        [$material, $takes] = [$cable->construction->design->insulation, $this->takes($cable->end)->insulations];
        $values = [
            'material' => $material->label(), 'taken' => implode(', ', array_map(static fn ($taken): string => $taken->label(), $takes)),
        ];

        return \in_array($material, $takes, true)
            ? Finding::fits(Criterion::InsulationMaterial, $cable->end, Sentence::of('The kit is made for {material}.', $values))
            : Finding::refused(
                Criterion::InsulationMaterial,
                $cable->end,
                Sentence::of('The insulation is {material}; the kit is made for {taken}.', $values),
            );
    }

    private function metallicScreen(CableEnd $cable): Finding
    {
        [$screen, $takes] = [$cable->construction->design->metallicScreen, $this->takes($cable->end)->screens];
        $values = [
            'screen' => $screen->label(), 'taken' => implode(', ', array_map(static fn ($taken): string => $taken->label(), $takes)),
        ];

        return \in_array($screen, $takes, true)
            ? Finding::fits(Criterion::MetallicScreen, $cable->end, Sentence::of('The kit connects a {screen} screen.', $values))
            : Finding::refused(
                Criterion::MetallicScreen,
                $cable->end,
                Sentence::of('The [metallic screen] is {screen}; the kit connects {taken}.', $values),
            );
    }

    /** @return list<Finding> nothing to say of an unarmoured cable and a kit for such */
    private function armour(CableEnd $cable): array
    {
        [$has, $takes] = [$cable->construction->design->armour, $this->takes($cable->end)->armours];
        $values = [
            'has' => $has->label(), 'taken' => implode(', ', array_map(static fn (Armour $armour): string => $armour->label(), $takes)),
        ];

        return match (true) {
            [Armour::None] === $takes && Armour::None === $has => [],
            \in_array($has, $takes, true) => [Finding::fits(
                Criterion::ArmourKind, $cable->end, Sentence::of('The kit is for this [armour]: {has}.', $values),
            )],
            default => [Finding::refused(
                Criterion::ArmourKind, $cable->end, Sentence::of('The [armour] is {has}; the kit is for {taken}.', $values),
            )],
        };
    }

    /** @return list<Finding> nothing where the size takes every conductor of its range */
    private function conductor(CableEnd $cable, string $taker): array
    {
        $conductor = $cable->construction->design->conductor;
        [$materials, $shapes] = $this->conductors[$cable->end->value] ?? $this->conductors[array_key_first($this->conductors)];
        $isTaken = ([] === $materials || \in_array($conductor->material, $materials, true))
            && ([] === $shapes || \in_array($conductor->shape, $shapes, true));
        $taken = implode(', ', array_map(static fn (\BackedEnum $case): string => $case->value, [...$materials, ...$shapes]));
        $values = ['is' => "{$conductor->material->value}, {$conductor->shape->value}", 'taker' => $taker, 'taken' => $taken];

        return match (true) {
            '' === $taken => [],
            $isTaken => [Finding::fits(Criterion::ConductorKind, $cable->end, Sentence::of(ucfirst($taker).' takes it: {is}.', $values))],
            default => [Finding::refused(
                Criterion::ConductorKind, $cable->end, Sentence::of('The conductor is {is}; {taker} takes {taken}.', $values),
            )],
        };
    }
}
