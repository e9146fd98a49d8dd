<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\Cores;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\MarkOut\Cut;

/** What goes wrong with accessories, and can be caught while it can still be put right. Common practice. */
enum Mistake: string
{
    case NotParked = 'not-parked';
    case StripLong = 'strip-long';
    case StripShort = 'strip-short';
    case ScreensApart = 'screens-apart';
    case Groove = 'groove';
    case StrandNicked = 'strand-nicked';
    case ScreenLifted = 'screen-lifted';
    case Carbon = 'carbon';
    case Hollow = 'hollow';
    case Overbuilt = 'overbuilt';
    case WrongCompound = 'wrong-compound';
    case ColdLayer = 'cold-layer';
    case EndsFirst = 'ends-first';
    case OneSidedHeat = 'one-sided-heat';
    case Scorch = 'scorch';
    case OffMark = 'off-mark';
    case HoldoutTwisted = 'holdout-twisted';
    case HoldoutBeforeBolt = 'holdout-before-bolt';
    case LugNotThrough = 'lug-not-through';
    case Torque = 'torque';
    case BoltProud = 'bolt-proud';
    case CrimpsOneSide = 'crimps-one-side';
    case Filings = 'filings';
    case LeakyJacket = 'leaky-jacket';
    case SharpPoint = 'sharp-point';
    case WrongMesh = 'wrong-mesh';
    case BraidBlock = 'braid-block';
    case FingerLap = 'finger-lap';
    case EarthsTouch = 'earths-touch';
    case SidesExchanged = 'sides-exchanged';
    case ShedWay = 'shed-way';
    case PastDate = 'past-date';
    case ConnectorOnBody = 'connector-on-body';
    case OilSeal = 'oil-seal';
    case PhasesCrossed = 'phases-crossed';
    case MovedHot = 'moved-hot';

    public function words(): string
    {
        return match ($this) {
            self::NotParked => 'not parked before the connector',
            self::StripLong => 'insulation stripped too far',
            self::StripShort => 'insulation stripped too short: the conductor is not home',
            self::ScreensApart => 'screen edges out of their distance',
            self::Groove => 'a groove in the insulation',
            self::StrandNicked => 'a strand nicked',
            self::ScreenLifted => 'the screen lifted at its edge',
            self::Carbon => 'carbon left on the insulation',
            self::Hollow => 'a hollow at a step or beside the connector',
            self::Overbuilt => 'built too thick for what comes over it',
            self::WrongCompound => 'another compound, or some of it left',
            self::ColdLayer => 'shrunk onto a layer that has gone cold',
            self::EndsFirst => 'ends closed before the air was out',
            self::OneSidedHeat => 'heated from one side',
            self::Scorch => 'scorched',
            self::OffMark => 'a body off its mark',
            self::HoldoutTwisted => 'twisted or shifted while its holdout came out',
            self::HoldoutBeforeBolt => 'holdout out before the bolt',
            self::LugNotThrough => 'the stud does not go through the lug',
            self::Torque => 'torque out of its limits',
            self::BoltProud => 'a bolt proud, or a hollow over it',
            self::CrimpsOneSide => 'all crimps on one side',
            self::Filings => 'filings left',
            self::LeakyJacket => 'the outer cover greasy, its sealant stretched, or no bead',
            self::SharpPoint => 'a sharp point left bare',
            self::WrongMesh => 'the screen joined as another kind of screen',
            self::BraidBlock => "the braid's block out of the sealant",
            self::FingerLap => 'too little lap on the finger',
            self::EarthsTouch => 'the two earths touch',
            self::SidesExchanged => 'long and short side exchanged',
            self::ShedWay => 'sheds the wrong way up, or tilted',
            self::PastDate => 'past its date',
            self::ConnectorOnBody => 'metal pressing on the body',
            self::OilSeal => 'the oil seal wrong in size or way of winding',
            self::PhasesCrossed => 'phases crossed',
            self::MovedHot => 'moved while hot',
        };
    }

    public function isPossibleOn(KitSheet $sheet): bool
    {
        $isJoint = AccessoryFunction::Joint === $sheet->application->function;
        $isHot = Technology::HeatShrink === $sheet->application->technology;
        $has = static fn (StockKind ...$kinds): bool => [] !== array_filter(
            $sheet->stock, static fn (Stock $one): bool => \in_array($one->kind, $kinds, true),
        );

        return match ($this) {
            self::NotParked => [] !== array_filter($sheet->items, static fn (Item $item): bool => $item->isParked()),
            self::ScreensApart => $isJoint && self::hasNature($sheet, Nature::Body, Nature::Pushed),
            self::Overbuilt => self::hasNature($sheet, Nature::Wrap),
            self::WrongCompound => $has(StockKind::Compound, StockKind::Grease),
            self::ColdLayer => $isHot && self::hasTubeOnTube($sheet),
            self::EndsFirst, self::OneSidedHeat, self::Scorch, self::MovedHot => $isHot,
            self::OffMark => self::hasNature($sheet, Nature::Body, Nature::Pushed),
            self::HoldoutTwisted => self::hasNature($sheet, Nature::Body),
            self::HoldoutBeforeBolt, self::LugNotThrough => AccessoryFunction::SeparableConnector === $sheet->application->function,
            self::Torque => !$isJoint,
            self::LeakyJacket => $isJoint,
            self::SharpPoint => [] !== array_filter($sheet->items, static fn (Item $item): bool => ElectricalClass::Metal === $item->class),
            self::WrongMesh => \count(self::screens($sheet)) > 1,
            self::BraidBlock => [] !== array_filter(
                $sheet->stock, static fn (Stock $one): bool => null !== $one->size(Property::MoistureBlock),
            ),
            self::FingerLap => $has(StockKind::Breakout),
            self::EarthsTouch => !$isJoint && self::hasThreeCores($sheet) && [] !== array_filter(
                $sheet->takes, static fn (Takes $takes): bool => $takes->mayHave(Cut::Armour),
            ),
            self::SidesExchanged => [] !== array_filter($sheet->asked, static fn (Asked $one): bool => AskedKind::Role === $one->kind),
            self::ShedWay => !$isJoint && $has(StockKind::Shed),
            self::ConnectorOnBody => $isJoint && self::hasNature($sheet, Nature::Body) && [] !== array_filter(
                self::screens($sheet), static fn (MetallicScreen $screen): bool => $screen->hasWires(),
            ),
            self::OilSeal => $has(StockKind::OilBarrierTube),
            self::PhasesCrossed => self::hasThreeCores($sheet),
            self::StripLong, self::StripShort, self::Groove, self::StrandNicked, self::ScreenLifted, self::Carbon, self::Hollow,
            self::BoltProud, self::CrimpsOneSide, self::Filings, self::PastDate => true,
        };
    }

    private static function hasNature(KitSheet $sheet, Nature ...$natures): bool
    {
        return [] !== array_filter($sheet->items, static fn (Item $item): bool => \in_array($item->nature, $natures, true));
    }

    private static function hasThreeCores(KitSheet $sheet): bool
    {
        return [] !== array_filter($sheet->takes, static fn (Takes $takes): bool => Cores::Three === $takes->cores);
    }

    /** Two tubes over the connector, one upon the other. */
    private static function hasTubeOnTube(KitSheet $sheet): bool
    {
        $over = array_filter(
            $sheet->items,
            static fn (Item $item): bool => Nature::Tube === $item->nature && Side::Across === $item->side
                && \in_array($sheet->stock[$item->stock]->kind ?? null, [
                    StockKind::StressTube, StockKind::InsulatingTube, StockKind::DualWallTube, StockKind::ConductiveTube,
                ], true),
        );

        return AccessoryFunction::Joint === $sheet->application->function && \count($over) > 1;
    }

    /** @return list<MetallicScreen> */
    private static function screens(KitSheet $sheet): array
    {
        return array_values(array_unique(
            array_merge([], ...array_values(array_map(static fn (Takes $takes): array => $takes->screens, $sheet->takes))), \SORT_REGULAR,
        ));
    }
}
