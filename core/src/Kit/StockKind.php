<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** What lies in the box: tubes, bodies and sleeves, and what is wound, laid, spread or used up. */
enum StockKind: string
{
    /** Controls the field; it is not conductive, though it is easily taken for the conductive one. */
    case StressTube = 'stress-tube';
    case InsulatingTube = 'insulating-tube';
    case DualWallTube = 'dual-wall-tube';
    case ConductiveTube = 'conductive-tube';
    case AntiTrackTube = 'anti-track-tube';
    /** Keeps the oil of a paper cable in. */
    case OilBarrierTube = 'oil-barrier-tube';
    case ReinforcingTube = 'reinforcing-tube';
    /** Makes a barrel as thick as what lies beside it. */
    case ShimTube = 'shim-tube';
    case SealTube = 'seal-tube';
    case ColdShrinkBody = 'cold-shrink-body';
    case PremouldedBody = 'premoulded-body';
    /** Of a separable elbow. */
    case Housing = 'housing';
    case Breakout = 'breakout';
    case Boot = 'boot';
    case Shed = 'shed';
    case Mesh = 'mesh';
    /** Slid on, before the connector. */
    case OuterSleeve = 'outer-sleeve';
    /** Closed round, afterwards. */
    case WraparoundSleeve = 'wraparound-sleeve';
    case ArmourCage = 'armour-cage';
    case StressMastic = 'stress-mastic';
    case FillingMastic = 'filling-mastic';
    case SealingMastic = 'sealing-mastic';
    case SemiconductingTape = 'semiconducting-tape';
    case InsulatingTape = 'insulating-tape';
    case BindingTape = 'binding-tape';
    case FoilTape = 'foil-tape';
    case WaterproofTape = 'waterproof-tape';
    case ArmourTape = 'armour-tape';
    case Compound = 'compound';
    case Grease = 'grease';
    case Wipe = 'wipe';
    case Abrasive = 'abrasive';
    case Spring = 'spring';
    case Braid = 'braid';
    case WormClamp = 'worm-clamp';
    case SupportRing = 'support-ring';
    case Tie = 'tie';
    case Stud = 'stud';
    case Plug = 'plug';
    case Deflector = 'deflector';
    case PhaseRing = 'phase-ring';
    case Tool = 'tool';
    case Leaflet = 'leaflet';

    /** A tube, body or sleeve with a bore: it goes round the cable as a whole. */
    public function isRound(): bool
    {
        return \in_array(Property::ExpandedBore, $this->properties(), true) && \in_array(
            Property::RecoveredBore, $this->properties(), true,
        );
    }

    /** Compounds and greases are matched to the parts they touch: one of another batch is not taken to a kit. Common practice. */
    public function isOfItsMaker(): bool
    {
        return \in_array($this, [self::Compound, self::Grease], true);
    }

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** @return list<Property> what a sheet can say about it */
    public function properties(): array
    {
        return match ($this) {
            self::StressTube, self::InsulatingTube, self::DualWallTube, self::ConductiveTube, self::AntiTrackTube, self::OilBarrierTube,
            self::ReinforcingTube, self::ShimTube, self::SealTube, self::ColdShrinkBody, self::PremouldedBody, self::Housing,
            self::Breakout,
            self::Boot, self::Shed, self::OuterSleeve => [
                Property::Length, Property::Change, Property::InstalledLength, Property::ExpandedBore, Property::RecoveredBore,
                Property::Wall,
                Property::Outside, Property::Row, Property::Pitch,
            ],
            self::WraparoundSleeve, self::ArmourCage => [
                Property::Length, Property::Change, Property::InstalledLength, Property::ExpandedBore, Property::RecoveredBore,
                Property::Wall,
                Property::Thickness, Property::Row, Property::Pitch,
            ],
            self::Mesh => [
                Property::Width, Property::Length, Property::Thickness, Property::Lap, Property::Layers, Property::ExpandedBore,
                Property::RecoveredBore, Property::InstalledLength, Property::Row, Property::Pitch, Property::Wall, Property::CrossSection,
            ],
            self::StressMastic, self::FillingMastic, self::SealingMastic => [
                Property::Width, Property::Thickness, Property::Length, Property::Stretch, Property::Lap, Property::MoistureBag,
            ],
            self::SemiconductingTape, self::InsulatingTape, self::BindingTape, self::FoilTape, self::WaterproofTape,
            self::ArmourTape => [Property::Width, Property::Thickness, Property::Length, Property::Stretch, Property::Lap],
            self::Compound, self::Grease => [Property::Base, Property::Mass, Property::UseAll],
            self::Wipe => [Property::OnePerCore],
            self::Abrasive => [Property::Grades],
            self::Spring => [Property::Width, Property::Thickness, Property::From, Property::To, Property::TurnsBeforeFolding],
            self::Braid => [Property::CrossSection, Property::Length, Property::Width, Property::Thickness, Property::MoistureBlock],
            self::WormClamp, self::SupportRing, self::Tie => [Property::Width, Property::Thickness, Property::From, Property::To],
            self::Stud, self::Plug => [Property::Thread, Property::Torque, Property::AcrossFlats],
            self::Deflector, self::PhaseRing, self::Tool, self::Leaflet => [],
        };
    }
}
