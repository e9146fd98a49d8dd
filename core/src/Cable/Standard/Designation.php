<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\Design;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Quantity\LengthFormat;

/** What a standard construction is called, and the id that follows from it. */
final class Designation
{
    public static function of(Design $design): string
    {
        $conductor = $design->conductor;
        $isMetric = $conductor->size->isMetric();
        $size = $isMetric
            ? $design->cores->value.'×'.rtrim($conductor->size->label, ' mm²')
            : (Cores::Three === $design->cores ? '3×' : '').$conductor->size->label;
        $level = null === $design->level ? '' : " {$design->level->value} %";
        $shape = self::isUsualShape($design, $isMetric) ? '' : ' '.$conductor->shape->value;

        return implode(', ', array_filter([
            "$size {$conductor->material->symbol()}$shape {$design->insulation->label()} {$design->voltage->label}$level",
            self::screen($design, $isMetric),
            Armour::None === $design->armour ? '' : $design->armour->label().' armour',
        ], static fn (string $part): bool => '' !== $part));
    }

    /** Lower-case letters, digits and hyphens, unlike that of any other standard construction. */
    public static function id(Design $design): string
    {
        $conductor = $design->conductor;
        $isMetric = $conductor->size->isMetric();
        $size = strtr(strtolower($conductor->size->label), ['/' => '-', ' awg' => '', ' kcmil' => '', ' mm²' => '']);
        $parts = [
            $design->insulation->isExtruded() ? ($isMetric ? 'iec' : 'icea') : 'lead',
            $isMetric || Cores::Three === $design->cores ? $design->cores->value.'x'.$size : $size,
            strtolower($conductor->material->symbol()),
            (string) intdiv($design->voltage->highestVolts, 1000),
            null === $design->level ? '' : (string) $design->level->value,
            self::isUsualShape($design, $isMetric) ? '' : $conductor->shape->value,
            \in_array($design->insulation, [InsulationMaterial::Xlpe, InsulationMaterial::Paper], true) ? '' : $design->insulation->value,
            $design->isBelted() ? 'belted' : '',
            \in_array(
                $design->metallicScreen, [MetallicScreen::CopperTape, MetallicScreen::LeadSheath], true,
            ) ? '' : $design->metallicScreen->value,
            null === $design->wires ? '' : $design->wires->count.'-'.round($design->wires->diameter->inMillimetres() * 100),
            Armour::None === $design->armour ? '' : $design->armour->value,
            str_contains($design->voltage->label, '6/10 ') || str_contains($design->voltage->label, '12/20 ') ? 'u'.strtr(
                explode(' ', $design->voltage->label)[0], ['/' => '-', '.' => '-'],
            ) : '',
        ];

        return implode('-', array_filter($parts, static fn (string $part): bool => '' !== $part));
    }

    private static function isUsualShape(Design $design, bool $isMetric): bool
    {
        return $design->conductor->shape === match (true) {
            !$design->insulation->isExtruded() => Cores::Three === $design->cores ? ConductorShape::Sector : ConductorShape::Stranded,
            $isMetric => ConductorShape::Compacted,
            default => ConductorShape::Compressed,
        };
    }

    private static function screen(Design $design, bool $isMetric): string
    {
        $wires = null === $design->wires ? '' : \sprintf(
            ' %d×%s', $design->wires->count, LengthFormat::millimetres($design->wires->diameter, 2).' mm',
        );

        return match (true) {
            $design->isBelted() => 'belted, lead sheath',
            MetallicScreen::LeadSheath === $design->metallicScreen => 'screened, lead sheath',
            MetallicScreen::CopperTape === $design->metallicScreen => $isMetric ? 'copper tape' : 'tape shield',
            default => $design->metallicScreen->label().$wires,
        };
    }
}
