<?php

declare(strict_types=1);

namespace Berm\Core\Prove;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Bedding;
use Berm\Core\Cable\Construction;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\Design;
use Berm\Core\Cable\InsulationLevel;
use Berm\Core\Cable\InsulationScreen;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Cable\SheathMaterial;
use Berm\Core\Cable\Standard\Astm;
use Berm\Core\Cable\Standard\Iec60228;
use Berm\Core\Cable\Standard\NeutralShare;
use Berm\Core\Cable\Standard\Standards;
use Berm\Core\Conductor\Conductor;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Conductor\ConductorSize;
use Berm\Core\CoreError;
use Berm\Core\Kit\SizeTakes;
use Berm\Core\Kit\Takes;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Revision;

/** Cables at the ends of what a size takes at one end, consistent by their standards. @internal use Prover */
final readonly class Cables
{
    private function __construct(
        private Takes $takes, private SizeTakes $size, private RatedVoltage $voltage, private bool $isBelted,
    ) {
    }

    /**
     * By what they are: the thinnest and the thickest over insulation and sheath, and one with each layer alone thin and thick.
     *
     * @param bool $isBelted paper cores without screens of their own
     *
     * @return array<string, Construction>
     */
    public static function of(
        Takes $takes, SizeTakes $size, RatedVoltage $voltage, MetallicScreen $screen, Armour $armour, bool $isBelted = false,
    ): array {
        return (new self($takes, $size, $voltage, $isBelted))->corners($screen, $armour);
    }

    /** @return array<string, Construction> */
    private function corners(MetallicScreen $screen, Armour $armour): array
    {
        $taken = [];
        foreach ($this->designs($screen, $armour) as $design) {
            foreach ($this->variants($design) as $name => $cable) {
                if ($this->takes($cable)) {
                    $taken["{$design->conductor->size->label} $name"] = $cable;
                }
            }
        }
        if ([] === $taken) {
            return [];
        }
        $by = static function (LayerKind $layer, int $sign) use ($taken): string {
            $keys = array_keys($taken);
            usort($keys, static fn (string $one, string $other): int => $sign * (
                ($taken[$one]->diameterOver($layer)->nanometres ?? 0) <=> ($taken[$other]->diameterOver($layer)->nanometres ?? 0)
            ));

            return $keys[0];
        };
        $names = [
            $by(LayerKind::Insulation, 1), $by(LayerKind::Insulation, -1), $by(LayerKind::Oversheath, 1), $by(LayerKind::Oversheath, -1),
        ];
        $alone = array_filter(array_keys($taken), static fn (string $name): bool => str_contains($name, 'alone'));
        $middle = $taken[$names[0]]->design->conductor->size->label;
        $ofOne = array_filter($alone, static fn (string $name): bool => str_starts_with($name, $middle));

        return array_intersect_key($taken, array_flip([...$names, ...$ofOne]));
    }

    private function takes(Construction $cable): bool
    {
        $fits = static fn (?Range $range, LayerKind $layer): bool => null === $range || null === $cable->diameterOver($layer)
            || $range->contains($cable->diameterOver($layer));
        $isSector = ConductorShape::Sector === $cable->design->conductor->shape;

        return ($isSector || $fits($this->size->insulation, LayerKind::Insulation)) && $fits($this->size->oversheath, LayerKind::Oversheath)
            && $fits($this->size->leadSheath, LayerKind::LeadSheath);
    }

    /** @return iterable<string, Construction> */
    private function variants(Design $design): iterable
    {
        try {
            $layers = Standards::layers($design);
        } catch (CoreError) {
            return;
        }
        $pick = static fn (string $which): array => array_map(static fn (Layer $layer): Length => match ($which) {
            'thin' => $layer->window->min ?? $layer->diameter,
            'thick' => $layer->window->max ?? $layer->diameter,
            default => $layer->diameter,
        }, $layers);
        foreach (['thin', 'nominal', 'thick'] as $which) {
            yield $which => self::cable($design, $layers, $pick($which));
        }
        $nominal = $pick('nominal');
        foreach (['thin', 'thick'] as $which) {
            foreach ($layers as $i => $layer) {
                if ($i > 0 && LayerKind::LaidUpCores !== $layer->kind) {
                    yield "{$layer->kind->label()} alone $which" => self::cable($design, $layers, self::alone($nominal, $pick($which), $i));
                }
            }
        }
    }

    /**
     * With one wall thick or thin, and all outside it moved.
     *
     * @param list<Length> $nominal
     * @param list<Length> $extreme
     *
     * @return list<Length>
     */
    private static function alone(array $nominal, array $extreme, int $i): array
    {
        $shift = $extreme[$i]->minus($extreme[$i - 1])->minus($nominal[$i]->minus($nominal[$i - 1]));

        return array_map(
            static fn (Length $diameter, int $at): Length => $at < $i ? $diameter : $diameter->plus($shift), $nominal, array_keys($nominal),
        );
    }

    /**
     * @param list<Layer>  $layers
     * @param list<Length> $diameters
     */
    private static function cable(Design $design, array $layers, array $diameters): Construction
    {
        $round = static fn (Length $length): Length => Length::ofMicrometres($length->dividedBy(1000, Rounding::Nearest)->nanometres);

        return Construction::of(Revision::of('proof', 1), 'proof', Standards::nameFor($design), $design, array_map(
            static fn (Layer $layer, Length $diameter): Layer => new Layer(
                $layer->kind, $round($diameter), null, $layer->basis, $layer->source,
            ),
            $layers, $diameters,
        ));
    }

    /** @return iterable<Design> */
    private function designs(MetallicScreen $screen, Armour $armour): iterable
    {
        foreach ($this->conductors() as $conductor) {
            $isMetric = $conductor->size->isMetric();
            $insulation = $this->takes->insulations[0];
            $wires = !$isMetric && MetallicScreen::ConcentricNeutral === $screen ? NeutralShare::cases()[0]->wiresFor($conductor) : null;
            $bedding = match (true) {
                !$insulation->isExtruded() && Armour::None !== $armour => Bedding::Lapped,
                Armour::None === $armour && Cores::One === $this->takes->cores, !$insulation->isExtruded() => Bedding::None,
                default => $isMetric ? Bedding::Extruded : Bedding::None,
            };
            try {
                yield Design::of(
                    $this->takes->cores, $this->voltage, $isMetric ? null : InsulationLevel::Percent100, $conductor, $insulation,
                    match (true) {
                        $insulation->isExtruded() => InsulationScreen::Strippable,
                        $this->isBelted => InsulationScreen::None,
                        default => InsulationScreen::MetallisedPaper,
                    },
                    $screen, $wires, $bedding,
                    $armour,
                    $insulation->isExtruded() ? SheathMaterial::Pe : SheathMaterial::Serving,
                );
            } catch (CoreError) {
                continue;
            }
        }
    }

    /** @return iterable<Conductor> of the sizes that it takes */
    private function conductors(): iterable
    {
        $isMetric = $this->size->conductors->min->isMetric();
        $shape = $this->size->shapes[0] ?? match (true) {
            !$this->takes->hasExtruded() => Cores::Three === $this->takes->cores ? ConductorShape::Sector : ConductorShape::Stranded,
            $isMetric => ConductorShape::Compacted,
            default => ConductorShape::Compressed,
        };
        $material = $this->size->materials[0] ?? ($this->takes->hasExtruded() ? ConductorMaterial::Aluminium : ConductorMaterial::Copper);
        $sizes = $isMetric
            ? array_map(ConductorSize::ofSquareMillimetres(...), Iec60228::sizes())
            : array_map(ConductorSize::parse(...), Astm::sizes());
        foreach ($sizes as $size) {
            if ($this->size->conductors->contains($size)) {
                yield new Conductor($material, $shape, $size);
            }
        }
    }
}
