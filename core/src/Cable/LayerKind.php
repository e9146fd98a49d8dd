<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

/** What a layer is for, from the inside out (IEC 60050-461). */
enum LayerKind: string
{
    case Conductor = 'conductor';
    case ConductorScreen = 'conductor-screen';
    case Insulation = 'insulation';
    case InsulationScreen = 'insulation-screen';
    case MetallicScreen = 'metallic-screen';
    /** Three cores twisted together, with their fillers. */
    case LaidUpCores = 'laid-up-cores';
    /** Paper round all three cores of a belted cable. */
    case Belt = 'belt';
    case LeadSheath = 'lead-sheath';
    case Bedding = 'bedding';
    case Armour = 'armour';
    case Oversheath = 'oversheath';

    /** Place in the order from the inside out. */
    public function depth(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** In the IEC vocabulary; a Reader says it in the other. */
    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** The conductor screen goes with the insulation and cannot be reached with a caliper. */
    public function isMeasurable(): bool
    {
        return self::ConductorScreen !== $this;
    }

    /** Belongs to one core, not to the cable as a whole. */
    public function isOfCore(): bool
    {
        return $this->depth() < self::LaidUpCores->depth();
    }
}
