<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

enum Criterion: string
{
    case AccessoryFunction = 'function';
    case CableChosen = 'cable-chosen';
    case Cores = 'cores';
    case Voltage = 'voltage';
    case InsulationMaterial = 'insulation-material';
    case MetallicScreen = 'metallic-screen';
    case ArmourKind = 'armour';
    case LeadSheathDiameter = 'lead-sheath-diameter';
    case Place = 'place';
    case Mounting = 'mounting';
    case InstallationTemperature = 'installation-temperature';
    case ConductorKind = 'conductor-kind';
    case ConductorSize = 'conductor-size';
    case InsulationDiameter = 'insulation-diameter';
    case OversheathDiameter = 'oversheath-diameter';
    case ParkedBore = 'parked-bore';
    case RecoveredBore = 'recovered-bore';
    case BoxItem = 'box-item';
    case ShelfLife = 'shelf-life';
    case BoxContents = 'box-contents';
    case ConnectorClass = 'connector-class';
    case Die = 'die';
    case TorqueReach = 'torque-reach';
    case Calibration = 'calibration';
    case CableAsNamed = 'cable-as-named';
    case InsulationWall = 'insulation-wall';
    case Eccentricity = 'eccentricity';
    case CableCondition = 'condition';
    case Sweating = 'sweating';
    case HandlingTemperature = 'handling-temperature';
    case ConnectorKind = 'connector-kind';
    case ConnectorMaterial = 'connector-material';
    case ConnectorSize = 'connector-size';
    case ConnectorShape = 'connector-shape';
    case ConnectorStop = 'connector-stop';
    case ConnectorBore = 'connector-bore';
    case PassesConnector = 'passes-connector';
    case PassesPad = 'passes-pad';
    case ConnectorDiameter = 'connector-diameter';
    case ConnectorLength = 'connector-length';
    /** With this connector on these cables. */
    case Planned = 'planned';
    case Asked = 'asked';
    case Rule = 'rule';
    case ParkingRoom = 'parking-room';

    /** In the IEC vocabulary, with the words that differ in brackets for a Reader. */
    public function label(): string
    {
        return match ($this) {
            self::AccessoryFunction => 'kind of accessory',
            self::CableChosen => 'Cable',
            self::Cores => 'number of cores',
            self::Voltage => 'rated voltage',
            self::InsulationMaterial => 'insulation material',
            self::MetallicScreen => '[metallic screen] kind',
            self::ArmourKind => '[armour] kind',
            self::LeadSheathDiameter => 'diameter over lead sheath',
            self::Place => 'place',
            self::Mounting => 'way up',
            self::InstallationTemperature => 'air temperature for installing',
            self::ConductorKind => 'conductor material and shape',
            self::ConductorSize => 'conductor size',
            self::InsulationDiameter => 'diameter over insulation',
            self::OversheathDiameter => 'diameter over [oversheath]',
            self::ParkedBore => 'parked parts pass the [oversheath]',
            self::RecoveredBore => 'shrunk parts grip',
            self::BoxItem => 'box',
            self::ShelfLife => 'shelf life',
            self::BoxContents => 'contents of the box',
            self::ConnectorClass => 'class of the connector',
            self::Die => 'die',
            self::TorqueReach => 'reach of the wrench',
            self::Calibration => 'calibration',
            self::CableAsNamed => 'cable is what it is called',
            self::InsulationWall => 'thinnest point of the insulation',
            self::Eccentricity => 'eccentricity',
            self::CableCondition => 'condition',
            self::Sweating => 'sweating',
            self::HandlingTemperature => 'warmth for bending',
            self::ConnectorKind => 'kind of connector',
            self::ConnectorMaterial => 'conductor material',
            self::ConnectorSize => 'conductor size in connector',
            self::ConnectorShape => 'shape of the conductor',
            self::ConnectorStop => 'stop between the conductors',
            self::ConnectorBore => 'conductor enters the bore',
            self::PassesConnector => 'parked parts pass the connector',
            self::PassesPad => 'parts pass the pad',
            self::ConnectorDiameter => 'connector diameter',
            self::ConnectorLength => 'connector length',
            self::Planned => 'planned whole',
            self::Asked => 'what the sheet asks',
            self::Rule => 'rule of the sheet',
            self::ParkingRoom => 'room for parking',
        };
    }
}
