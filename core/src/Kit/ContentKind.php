<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** What else lies in the box beside the parts that have a place on the cable. */
enum ContentKind: string
{
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
    case Mesh = 'mesh';
    case WormClamp = 'worm-clamp';
    case SupportRing = 'support-ring';
    case Tie = 'tie';
    case Stud = 'stud';
    case Plug = 'plug';
    case Deflector = 'deflector';
    case PhaseRing = 'phase-ring';
    case Tool = 'tool';
    case Leaflet = 'leaflet';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** @return list<Property> what a sheet can say about it */
    public function properties(): array
    {
        return match ($this) {
            self::StressMastic, self::FillingMastic, self::SealingMastic => [
                Property::Width, Property::Thickness, Property::Length, Property::Stretch, Property::Lap, Property::MoistureBag,
            ],
            self::SemiconductingTape, self::InsulatingTape, self::BindingTape, self::FoilTape, self::WaterproofTape,
            self::ArmourTape => [Property::Width, Property::Thickness, Property::Length, Property::Stretch, Property::Lap],
            self::Compound, self::Grease => [Property::Base, Property::Mass, Property::UseAll],
            self::Wipe => [Property::OnePerCore],
            self::Abrasive => [Property::Grades],
            self::Spring => [Property::Width, Property::From, Property::To, Property::TurnsBeforeFolding],
            self::Braid => [Property::CrossSection, Property::Length, Property::MoistureBlock],
            self::Mesh => [Property::Width, Property::Length, Property::Lap, Property::Layers],
            self::WormClamp, self::SupportRing, self::Tie => [Property::From, Property::To],
            self::Stud, self::Plug => [Property::Thread, Property::Torque, Property::AcrossFlats],
            self::Deflector, self::PhaseRing, self::Tool, self::Leaflet => [],
        };
    }
}
