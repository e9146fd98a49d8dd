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
use Berm\Core\File\ReadingFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Sentence;

/** A cut was made and measured from the cable end; a later reading of the same cut takes its place. */
final readonly class CutMeasured implements Event
{
    public function __construct(public MarkPlace $place, public Reading $reading)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::CutMeasured;
    }

    public function subject(): array
    {
        return $this->place->path();
    }

    public static function read(Fields $file): self
    {
        return new self(PlaceFile::readMark($file), Fields::got($file->object('reading', ReadingFile::readPositive(...))));
    }

    public function write(): array
    {
        return [...PlaceFile::writeMark($this->place), 'reading' => ReadingFile::write($this->reading)];
    }

    public function stage(Progress $progress): ?Stage
    {
        return $progress->stageOfCut($this->place->cut, $this->place->end);
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $mark = $plan->markOut?->mark($this->place->end, $this->place->cut, $this->place->core);
        $isPlausible = Range::between(Length::ofMillimetres(1), Length::ofMillimetres(5000))->contains($this->reading->value);
        $before = null === $mark ? null : $this->missingBefore($plan);
        $stage = null === $plan->progress ? null : $this->stage($plan->progress);
        $safeguard = null === $stage ? null : $plan->progress->stage($stage->key)?->safeguardBefore($this->place);

        return match (true) {
            null === $mark => $plan->firstObstacle() ?? Sentence::plain('There is no such cut on this job.'),
            !$mark->place->equals($this->place) => Sentence::plain(
                null === $mark->place->core
                    ? 'This cut goes round all cores: leave the core out.'
                    : 'This cut is made on each core: say which.',
            ),
            !$isPlausible => Sentence::of(
                'A cut {typed} from the cable end is not one of this trade: check the unit.', ['typed' => $this->reading->asTyped()],
            ),
            null !== $before => Sentence::plain("Record {$before->inWords()} first: it lies outside this one."),
            default => $safeguard?->first(),
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of(
            $plan->job->pins(), window: $plan->markOut?->mark($this->place->end, $this->place->cut, $this->place->core)?->window(),
        );
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of(
            "[{$this->place->cut->layer()->label()}], {$this->place->where()->label()}: {typed} by {$this->reading->byWhat()}",
            ['typed' => $this->reading->asTyped()],
        )->capitalised();
    }

    private function missingBefore(Plan $plan): ?MarkPlace
    {
        foreach ($plan->markOut?->marksOf($this->place->end, $this->place->core) ?? [] as $outer) {
            if ($outer->place->cut === $this->place->cut) {
                return null;
            }
            $mayWait = true === $plan->job->sheet?->cutsBefore($this->place->cut, $outer->place->cut, $this->place->end);
            if (!$mayWait && null === $plan->build->cut($outer->place)) {
                return $outer->place;
            }
        }

        return null;
    }
}
