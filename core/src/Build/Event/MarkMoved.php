<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\Build\Undoes;
use Berm\Core\Cable\End;
use Berm\Core\Check\CheckPlace;
use Berm\Core\File\Fields;
use Berm\Core\File\PlaceFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Rework\Aftermath;
use Berm\Core\Rework\MovedMark;
use Berm\Core\Rework\Untrue;
use Berm\Core\Saying\Sentence;

/**
 * A cut is made further back than the sheet's own mark, on one named side, to put a length right that was measured and is out: "trim the
 * side that is long". The cut is measured anew, against the mark where it lies now.
 */
final readonly class MarkMoved implements Undoes
{
    public function __construct(
        public MarkPlace $place,
        /** In all, from where the sheet has it; away from the cable end. */
        public Length $by,
        /** What is put right by it. */
        public CheckPlace $for,
        public string $reason,
        /** Of the same cut on the other end of a joint, where both are trimmed. */
        public ?Length $otherBy = null,
    ) {
    }

    public static function kind(): EventKind
    {
        return EventKind::MarkMoved;
    }

    public function subject(): array
    {
        return null === $this->otherBy ? $this->place->path() : self::ofBoth($this->place);
    }

    /** @return list<string|int> the subject of what moves a cut on both ends: it stands beside what moves one of them */
    public static function ofBoth(MarkPlace $place): array
    {
        return ['both', ...$place->path()];
    }

    public static function read(Fields $file): self
    {
        return new self(
            PlaceFile::readMark($file), $file->length('by'), Fields::got($file->object('for', PlaceFile::readCheck(...))),
            $file->text('reason', 400), $file->has('otherBy') ? $file->length('otherBy') : null,
        );
    }

    public function write(): array
    {
        return [
            ...PlaceFile::writeMark($this->place), 'by' => $this->by->toText(), 'for' => PlaceFile::writeCheck($this->for),
            'reason' => $this->reason, ...(null === $this->otherBy ? [] : ['otherBy' => $this->otherBy->toText()]),
        ];
    }

    /** How far it moves a mark; null: not at all. */
    public function moves(MarkPlace $place): ?Length
    {
        return match (true) {
            $this->place->equals($place) => $this->by,
            $this->place->onOtherEnd()->equals($place) => $this->otherBy,
            default => null,
        };
    }

    /** @return list<MarkPlace> */
    public function places(): array
    {
        return null === $this->otherBy ? [$this->place] : [$this->place, $this->place->onOtherEnd()];
    }

    public function isOn(End $end): bool
    {
        return $end === $this->place->end || null !== $this->otherBy;
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return MovedMark::of($plan, $this)->refusal();
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins(), falls: Aftermath::of($plan, $this)->falls());
    }

    public function fells(Event $event, Plan $plan): bool
    {
        return Untrue::isMeasuredFromCut($this->place, $event, $plan)
            || null !== $this->otherBy && Untrue::isMeasuredFromCut($this->place->onOtherEnd(), $event, $plan);
    }

    public function words(Names $names): Sentence
    {
        $other = null === $this->otherBy ? '' : ", and {other:fine} on {$this->place->onOtherEnd()->where()->label()}";

        return Sentence::of(
            "[{$this->place->cut->layer()->label()}], {$this->place->where()->label()}: marked {by:fine} further back$other ({reason})",
            ['by' => $this->by, 'other' => $this->otherBy ?? $this->by, 'reason' => $this->reason],
        )->capitalised();
    }
}
