<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\Found;
use Berm\Core\Build\Event\HandedOver;
use Berm\Core\Build\Event\LeafletRead;
use Berm\Core\Build\Event\MarkMoved;
use Berm\Core\Build\Event\OtherSideTakes;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\PieceTaken;
use Berm\Core\Build\Event\StageFinished;
use Berm\Core\Build\Shortens;
use Berm\Core\Build\StandsOn;
use Berm\Core\Build\WorkKind;
use Berm\Core\Build\Writer;
use Berm\Core\Cable\Where;
use Berm\Core\Place\Place;
use Berm\Core\Saying\Sentence;

/** Something that stands in a job's way: where it is dealt with, what it rests on, and so what may not be done while it stands. */
final readonly class Obstacle
{
    /**
     * @param list<Place>  $hides  what must not be hidden while it stands: the cut that it rests on, the parts that have no room
     * @param list<string> $stages keys of the stages that hide it
     */
    private function __construct(
        public ObstacleCode $code,
        public Step $step,
        public Where $where,
        public array $hides,
        public array $stages,
        public Sentence $reason,
        /** Of what is to be accepted, where somebody may let it stand. */
        public ?Acceptable $acceptable,
        /** Key of the item that may not be set while it stands; empty: none. */
        public string $part = '',
    ) {
    }

    /** Of the job as a whole, or of one end of it. */
    public static function of(
        ObstacleCode $code, Step $step, Sentence $reason, ?Where $where = null, ?Acceptable $acceptable = null,
    ): self {
        return new self($code, $step, $where ?? Where::of(null, null), [], [], $reason, $acceptable);
    }

    /**
     * @param list<Place>  $hides
     * @param list<string> $stages
     */
    public static function at(
        ObstacleCode $code, Step $step, Where $where, array $hides, array $stages, Sentence $reason, ?Acceptable $acceptable = null,
        string $part = '',
    ): self {
        return new self($code, $step, $where, $hides, $stages, $reason, $acceptable, $part);
    }

    public function severity(): Severity
    {
        return $this->code->severity();
    }

    /** May an event not be written down while this stands? */
    public function bars(Event $event, BuildState $build): bool
    {
        return match ($this->code) {
            ObstacleCode::SafetyOpen => self::isWork($event),
            ObstacleCode::CableMissing, ObstacleCode::KitMissing, ObstacleCode::ConnectorMissing, ObstacleCode::DoesNotFit,
            ObstacleCode::CannotTell,
            ObstacleCode::CannotBeMarkedOut => null === $build->connector
                && self::isBuilding($event)
                && !self::isCorrection($event, $build),
            ObstacleCode::LeafletUnread, ObstacleCode::LeafletOther, ObstacleCode::FoundOtherwise,
            ObstacleCode::SheetWithdrawn => self::isBuilding($event) && !$event instanceof LeafletRead,
            ObstacleCode::MaterialShort => $event instanceof ConnectorFitted || $this->setsIt($event),
            ObstacleCode::RoomUnknown, ObstacleCode::RoomShort => $event instanceof ConnectorFitted || $this->parksHere($event),
            ObstacleCode::LapShort => $event instanceof ConnectorFitted
                || $this->cutsHere($event) && !self::isCorrection($event, $build)
                || $this->hidesIt($event) || $this->setsIt($event),
            ObstacleCode::Unsettled => $event instanceof ConnectorFitted || $event instanceof StageFinished || $event instanceof HandedOver,
            ObstacleCode::CutOut => $event instanceof ConnectorFitted || $this->hidesIt($event),
            ObstacleCode::CheckOut => $this->hidesIt($event),
        };
    }

    /** Anything that is done at the cable, by whoever. */
    private static function isWork(Event $event): bool
    {
        return StandsOn::Nothing !== $event::kind()->standsOn() || $event instanceof CutMeasured || $event instanceof Shortens
            || $event instanceof ConnectorFitted;
    }

    /** It goes on with the work; letting something stand does not. */
    private static function isBuilding(Event $event): bool
    {
        return self::isWork($event) && Writer::Jointer === $event::kind()->writer() && !$event instanceof Event\KitDated
            && !$event instanceof LeafletRead && !$event instanceof Found && !$event instanceof PieceTaken;
    }

    /** A cut that was made is measured again: it can only get better known. And an end that is cut back is begun anew. */
    private static function isCorrection(Event $event, BuildState $build): bool
    {
        return $event instanceof Shortens || $event instanceof MarkMoved || $event instanceof OtherSideTakes
            || $event instanceof CutMeasured && null !== $build->cut($event->place);
    }

    private function cutsHere(Event $event): bool
    {
        return $event instanceof CutMeasured && $event->place->end === $this->where->end
            && (null === $event->place->core || null === $this->where->core || $event->place->core === $this->where->core);
    }

    private function parksHere(Event $event): bool
    {
        return $event instanceof PartParked && $event->end === $this->where->end
            && [] !== array_filter($this->hides, static fn (Place $place): bool => $place->key === $event->part);
    }

    /** The flame, or the pull, comes before the stage is finished: what cannot be undone is held up there. */
    private function setsIt(Event $event): bool
    {
        return $event instanceof Applied && WorkKind::Set === $event->place->how && $event->place->part === $this->part
            && $event->place->where->meets($this->where);
    }

    private function hidesIt(Event $event): bool
    {
        return $event instanceof StageFinished && \in_array($event->stage, $this->stages, true);
    }
}
