<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\File\Fields;
use Berm\Core\File\PlaceFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Rework\OtherSide;
use Berm\Core\Saying\Sentence;

/**
 * An engineer lets a cut that was made too far stand, and the same cut of the other end is marked as much nearer to its cable end: between
 * the two ends it comes to the length that was planned.
 */
final readonly class OtherSideTakes implements Event
{
    public function __construct(
        /** Of the cut that is let stand. */
        public MarkPlace $place,
        /** So much nearer to the cable end the other one is marked. */
        public Length $by,
        public string $reason,
    ) {
    }

    public static function kind(): EventKind
    {
        return EventKind::OtherSideTakes;
    }

    public function subject(): array
    {
        return $this->place->path();
    }

    /** Of the cut that is marked nearer. */
    public function other(): MarkPlace
    {
        return $this->place->onOtherEnd();
    }

    public static function read(Fields $file): self
    {
        return new self(PlaceFile::readMark($file), $file->length('by'), $file->text('reason', 600));
    }

    public function write(): array
    {
        return [...PlaceFile::writeMark($this->place), 'by' => $this->by->toText(), 'reason' => $this->reason];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return OtherSide::refusal($plan, $this);
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of(
            $plan->job->pins(), $plan->build->cut($this->place)?->entry->id,
            $plan->markOut?->mark($this->place->end, $this->place->cut, $this->place->core)?->window(),
        );
    }

    public function words(Names $names): Sentence
    {
        $layer = $this->place->cut->layer()->label();

        return Sentence::of(
            "[$layer], {$this->place->where()->label()}, let stand; {$this->other()->where()->label()} is marked "
                .'{by:fine} nearer to the cable end: {reason}',
            ['by' => $this->by, 'reason' => $this->reason],
        )->capitalised();
    }
}
