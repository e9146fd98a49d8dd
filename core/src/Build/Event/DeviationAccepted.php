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
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Sentence;

/** An engineer lets a cut that is out stand, and says why. */
final readonly class DeviationAccepted implements Event
{
    public function __construct(
        public MarkPlace $place,
        public string $reason,
        /** The entry of the reading that was looked at; null where nobody said. */ public ?string $of = null,
    ) {
    }

    public static function kind(): EventKind
    {
        return EventKind::DeviationAccepted;
    }

    public function subject(): array
    {
        return $this->place->path();
    }

    public static function read(Fields $file): self
    {
        return new self(PlaceFile::readMark($file), $file->text('reason', 600), $file->has('of') ? $file->text('of', 40) : null);
    }

    public function write(): array
    {
        return [...PlaceFile::writeMark($this->place), 'reason' => $this->reason, ...(null === $this->of ? [] : ['of' => $this->of])];
    }

    public function stage(Progress $progress): ?Stage
    {
        return $progress->stageOfCut($this->place->cut, $this->place->end);
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $mark = $plan->markOut?->mark($this->place->end, $this->place->cut, $this->place->core);
        $reading = $plan->build->cut($this->place);

        return match (true) {
            null === $mark || null === $reading || Verdict::Out !== $plan->build->judgementOf($mark)?->verdict => Sentence::plain(
                'There is nothing to accept: this cut is not out.',
            ),
            null !== $this->of && $this->of !== $reading->entry->id => Sentence::plain(
                'This cut has been measured again since you looked: look at the new reading first.',
            ),
            default => null,
        };
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
        return Sentence::of(
            "[{$this->place->cut->layer()->label()}], {$this->place->where()->label()}, let stand: {reason}", ['reason' => $this->reason],
        )->capitalised();
    }
}
