<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

enum MetallicScreen: string
{
    case CopperTape = 'copper-tape';
    /** Copper tape laid along the core and corrugated. */
    case CorrugatedTape = 'corrugated-tape';
    case CopperWire = 'copper-wire';
    /** Bare wires that are the system's neutral too, full or reduced. */
    case ConcentricNeutral = 'concentric-neutral';
    case FlatStrap = 'flat-strap';
    /** A few wires embedded in a conducting sheath. */
    case DrainWire = 'drain-wire';
    case LeadSheath = 'lead-sheath';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** Made of round wires that can be counted. */
    public function hasWires(): bool
    {
        return match ($this) {
            self::CopperWire, self::ConcentricNeutral, self::DrainWire => true,
            self::CopperTape, self::CorrugatedTape, self::FlatStrap, self::LeadSheath => false,
        };
    }
}
