<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** What can be said of something in the box. */
enum Property: string
{
    case Width = 'width';
    case Thickness = 'thickness';
    case Length = 'length';
    /** How its length changes as it shrinks. */
    case Change = 'change';
    /** As it lies in the end, where it is not worked out from the change. */
    case InstalledLength = 'installedLength';
    case ExpandedBore = 'expandedBore';
    /** With nothing inside. */
    case RecoveredBore = 'recoveredBore';
    /** Once recovered, with nothing inside. */
    case Wall = 'wall';
    /** As supplied: what it must pass through where parts wait one over the other. */
    case Outside = 'outside';
    /** So many of them, one after the other. */
    case Row = 'row';
    /** From one to the next in a row. */
    case Pitch = 'pitch';
    /** Lap of one turn on the one before. */
    case Lap = 'lap';
    /** Width under tension as a part of the width as supplied: 0.5 is stretched to half width; 1 is not stretched. */
    case Stretch = 'stretch';
    /** Stays in its bag until it is used. */
    case MoistureBag = 'moistureBag';
    /** What a compound is made of: no other may take its place. */
    case Base = 'base';
    /** In grams. */
    case Mass = 'mass';
    case UseAll = 'useAll';
    case OnePerCore = 'onePerCore';
    case Grades = 'grades';
    /** Smallest diameter that it goes round. */
    case From = 'from';
    /** Largest diameter that it goes round. */
    case To = 'to';
    case TurnsBeforeFolding = 'turnsBeforeFolding';
    case CrossSection = 'crossSection';
    /** From its end to the block that keeps water from wicking along it. */
    case MoistureBlock = 'moistureBlock';
    case Layers = 'layers';
    case Thread = 'thread';
    case Torque = 'torque';
    case AcrossFlats = 'acrossFlats';

    public function type(): PropertyType
    {
        return match ($this) {
            self::Width, self::Thickness, self::Length, self::Lap, self::From, self::To, self::MoistureBlock,
            self::AcrossFlats, self::InstalledLength, self::ExpandedBore, self::RecoveredBore, self::Wall, self::Outside,
            self::Pitch => PropertyType::Length,
            self::Change => PropertyType::Change,
            self::CrossSection => PropertyType::Area,
            self::Stretch, self::Mass, self::TurnsBeforeFolding, self::Layers, self::Row => PropertyType::Number,
            self::MoistureBag, self::UseAll, self::OnePerCore => PropertyType::Flag,
            self::Base, self::Grades, self::Thread => PropertyType::Text,
            self::Torque => PropertyType::Torque,
        };
    }

    /** As it stands in a sentence; {value} is its value. */
    public function words(): string
    {
        return match ($this) {
            self::Width => '{value} wide',
            self::Thickness => '{value:fine} thick',
            self::Length => '{value} long',
            self::Change => 'its length changing by {value} %',
            self::InstalledLength => '{value} long once installed',
            self::ExpandedBore => '{value:fine} wide as supplied',
            self::RecoveredBore => 'shrinks to {value:fine}',
            self::Wall => 'its wall {value:fine} then',
            self::Outside => '{value:fine} across as supplied',
            self::Row => '{value} in a row',
            self::Pitch => '{value} from one to the next',
            self::Lap => 'lapping {value}',
            self::Stretch => 'stretched to {value} of its width',
            self::MoistureBag => 'in its bag until it is used',
            self::Base => '{value}: no other in its place',
            self::Mass => '{value} g',
            self::UseAll => 'use all of it',
            self::OnePerCore => 'one for each core',
            self::Grades => 'grades {value}',
            self::From => 'from {value:fine}',
            self::To => 'to {value:fine} across',
            self::TurnsBeforeFolding => '{value} turns before folding back',
            self::CrossSection => '{value}',
            self::MoistureBlock => 'its moisture block {value} from the end',
            self::Layers => '{value} layers',
            self::Thread => 'thread {value}',
            self::Torque => 'tightened with {value}',
            self::AcrossFlats => '{value} across flats',
        };
    }
}
