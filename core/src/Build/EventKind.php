<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Build\Event\Answered;
use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\BoxOpened;
use Berm\Core\Build\Event\Called;
use Berm\Core\Build\Event\CheckAccepted;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CoreCutBack;
use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\CutOut;
use Berm\Core\Build\Event\DeviationAccepted;
use Berm\Core\Build\Event\Found;
use Berm\Core\Build\Event\FoundAccepted;
use Berm\Core\Build\Event\HandedOver;
use Berm\Core\Build\Event\HoldReleased;
use Berm\Core\Build\Event\KitDated;
use Berm\Core\Build\Event\LapAccepted;
use Berm\Core\Build\Event\LeafletCompared;
use Berm\Core\Build\Event\LeafletRead;
use Berm\Core\Build\Event\LeftSafe;
use Berm\Core\Build\Event\MarkMoved;
use Berm\Core\Build\Event\Noted;
use Berm\Core\Build\Event\OtherSideTakes;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\Pictured;
use Berm\Core\Build\Event\PieceTaken;
use Berm\Core\Build\Event\PlanChanged;
use Berm\Core\Build\Event\SafetyConfirmed;
use Berm\Core\Build\Event\StageFinished;
use Berm\Core\Build\Event\TakenOff;
use Berm\Core\Build\Event\ToolTaken;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Build\Event\WithdrawnAccepted;

/** Every kind of entry that a log can hold. */
enum EventKind: string
{
    case SafetyConfirmed = 'safety-confirmed';
    case CutMeasured = 'cut-measured';
    case CutBack = 'cut-back';
    case CoreCutBack = 'core-cut-back';
    case CutOut = 'cut-out';
    case MarkMoved = 'mark-moved';
    case OtherSideTakes = 'other-side-takes';
    case DeviationAccepted = 'deviation-accepted';
    case LapAccepted = 'lap-accepted';
    case PartParked = 'part-parked';
    case ConnectorFitted = 'connector-fitted';
    case Applied = 'applied';
    case TakenOff = 'taken-off';
    case CheckMade = 'check-made';
    case CheckAccepted = 'check-accepted';
    case StageFinished = 'stage-finished';
    case HoldReleased = 'hold-released';
    case HandedOver = 'handed-over';
    case LeftSafe = 'left-safe';
    case Noted = 'noted';
    case LeafletRead = 'leaflet-read';
    case LeafletCompared = 'leaflet-compared';
    case Called = 'called';
    case Answered = 'answered';
    case Pictured = 'pictured';
    case Found = 'found';
    case FoundAccepted = 'found-accepted';
    case WithdrawnAccepted = 'withdrawn-accepted';
    case PieceTaken = 'piece-taken';
    case KitDated = 'kit-dated';
    case Withdrawn = 'withdrawn';
    case BoxOpened = 'box-opened';
    case ToolTaken = 'tool-taken';
    case PlanChanged = 'plan-changed';

    /** @return class-string<Event> */
    public function event(): string
    {
        return match ($this) {
            self::SafetyConfirmed => SafetyConfirmed::class,
            self::CutMeasured => CutMeasured::class,
            self::CutBack => CutBack::class,
            self::CoreCutBack => CoreCutBack::class,
            self::CutOut => CutOut::class,
            self::MarkMoved => MarkMoved::class,
            self::OtherSideTakes => OtherSideTakes::class,
            self::DeviationAccepted => DeviationAccepted::class,
            self::LapAccepted => LapAccepted::class,
            self::PartParked => PartParked::class,
            self::ConnectorFitted => ConnectorFitted::class,
            self::Applied => Applied::class,
            self::TakenOff => TakenOff::class,
            self::CheckMade => CheckMade::class,
            self::CheckAccepted => CheckAccepted::class,
            self::StageFinished => StageFinished::class,
            self::HoldReleased => HoldReleased::class,
            self::HandedOver => HandedOver::class,
            self::LeftSafe => LeftSafe::class,
            self::Noted => Noted::class,
            self::LeafletRead => LeafletRead::class,
            self::LeafletCompared => LeafletCompared::class,
            self::Called => Called::class,
            self::Answered => Answered::class,
            self::Pictured => Pictured::class,
            self::Found => Found::class,
            self::FoundAccepted => FoundAccepted::class,
            self::WithdrawnAccepted => WithdrawnAccepted::class,
            self::PieceTaken => PieceTaken::class,
            self::KitDated => KitDated::class,
            self::Withdrawn => Withdrawn::class,
            self::BoxOpened => BoxOpened::class,
            self::ToolTaken => ToolTaken::class,
            self::PlanChanged => PlanChanged::class,
        };
    }

    public function writer(): Writer
    {
        return match ($this) {
            self::SafetyConfirmed, self::CutMeasured, self::CutBack, self::CutOut, self::MarkMoved, self::PartParked,
            self::ConnectorFitted, self::Applied, self::TakenOff, self::CheckMade, self::StageFinished, self::LeftSafe,
            self::HandedOver, self::LeafletRead,
            self::Found, self::PieceTaken, self::KitDated, self::Withdrawn => Writer::Jointer,
            self::CoreCutBack, self::DeviationAccepted, self::OtherSideTakes, self::LapAccepted, self::CheckAccepted,
            self::HoldReleased, self::LeafletCompared, self::FoundAccepted, self::WithdrawnAccepted, self::Answered => Writer::Engineer,
            self::Noted, self::Called, self::Pictured => Writer::Crew,
            self::BoxOpened, self::ToolTaken, self::PlanChanged => Writer::Server,
        };
    }

    /** Somebody's hands are at the cable for it. */
    public function isAtTheCable(): bool
    {
        return match ($this) {
            self::CutMeasured, self::CutBack, self::CoreCutBack, self::CutOut, self::PartParked, self::ConnectorFitted, self::Applied,
            self::TakenOff, self::CheckMade, self::StageFinished => true,
            self::SafetyConfirmed, self::MarkMoved, self::OtherSideTakes, self::DeviationAccepted, self::LapAccepted, self::CheckAccepted,
            self::HoldReleased, self::HandedOver, self::LeftSafe, self::Noted, self::LeafletRead,
            self::LeafletCompared, self::Called, self::Answered, self::Pictured,
            self::Found, self::FoundAccepted, self::WithdrawnAccepted, self::PieceTaken, self::KitDated, self::Withdrawn,
            self::BoxOpened, self::ToolTaken, self::PlanChanged => false,
        };
    }

    /** It says how something was found: of two that differ, one is wrong. */
    public function isAnswer(): bool
    {
        return self::CutMeasured === $this || self::CheckMade === $this || self::KitDated === $this || self::LeafletRead === $this;
    }

    /**
     * Who may take it back; null for what tells of the log itself. What somebody let stand, nobody takes back who could not have let it.
     */
    public function withdrawer(): ?Writer
    {
        return match (true) {
            self::Withdrawn === $this, self::PlanChanged === $this => null,
            Writer::Engineer === $this->writer(), Writer::Crew === $this->writer() => $this->writer(),
            default => Writer::Jointer,
        };
    }

    /** What of the plan must be the same for it to go on counting. */
    public function standsOn(): StandsOn
    {
        return match ($this) {
            self::SafetyConfirmed, self::CutMeasured, self::CutBack, self::CoreCutBack, self::CutOut, self::ConnectorFitted,
            self::Withdrawn, self::BoxOpened,
            self::ToolTaken, self::PlanChanged, self::Noted, self::LeftSafe, self::Called, self::Answered,
            self::Pictured, self::Found, self::FoundAccepted => StandsOn::Nothing,
            self::PartParked, self::Applied, self::TakenOff, self::CheckMade, self::StageFinished, self::KitDated, self::LeafletRead,
            self::LeafletCompared, self::WithdrawnAccepted, self::PieceTaken => StandsOn::Kit,
            self::MarkMoved, self::OtherSideTakes, self::DeviationAccepted, self::LapAccepted, self::CheckAccepted,
            self::HoldReleased, self::HandedOver => StandsOn::Assembly,
        };
    }
}
