<?php

declare(strict_types=1);

namespace Berm\Core\Job;

/** What kind of thing stands in the way. */
enum ObstacleCode: string
{
    case SafetyOpen = 'safety-open';
    case CableMissing = 'cable-missing';
    case KitMissing = 'kit-missing';
    /** Nobody has said which edition of the leaflet lies in the box. */
    case LeafletUnread = 'leaflet-unread';
    /** Another edition than that of the sheet. */
    case LeafletOther = 'leaflet-other';
    case ConnectorMissing = 'connector-missing';
    /** A cable is not sound, or something does not fit. */
    case DoesNotFit = 'does-not-fit';
    /** Whether it fits cannot be told before something is measured. */
    case CannotTell = 'cannot-tell';
    case CannotBeMarkedOut = 'cannot-be-marked-out';
    case RoomUnknown = 'room-unknown';
    case RoomShort = 'room-short';
    case LapShort = 'lap-short';
    /** The box holds less than the items take. */
    case MaterialShort = 'material-short';
    /** Opening the cable showed something else than planned. */
    case FoundOtherwise = 'found-otherwise';
    /** The revision of the sheet that it is built by was withdrawn. */
    case SheetWithdrawn = 'sheet-withdrawn';
    /** Two who did not know of each other answered the same, and not alike. */
    case Unsettled = 'unsettled';
    case CutOut = 'cut-out';
    case CheckOut = 'check-out';

    /** The order of the work is that of the cases: what comes first is said first. */
    public function severity(): Severity
    {
        return match ($this) {
            self::SafetyOpen, self::CableMissing, self::KitMissing, self::ConnectorMissing, self::CannotTell,
            self::LeafletUnread, self::RoomUnknown => Severity::Asks,
            self::SheetWithdrawn, self::FoundOtherwise, self::LeafletOther, self::DoesNotFit, self::CannotBeMarkedOut, self::RoomShort,
            self::LapShort, self::MaterialShort, self::Unsettled, self::CutOut, self::CheckOut => Severity::Stops,
        };
    }
}
