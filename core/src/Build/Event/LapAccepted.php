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
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\RulingPlace;

/** An engineer lets a part stand that will cover less than the kit asks, and says why. */
final readonly class LapAccepted implements Event
{
    public function __construct(public RulingPlace $place, public string $reason)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::LapAccepted;
    }

    public function subject(): array
    {
        return $this->place->path();
    }

    public static function read(Fields $file): self
    {
        return new self(PlaceFile::readRuling($file), $file->text('reason', 600));
    }

    public function write(): array
    {
        return [...PlaceFile::writeRuling($this->place), 'reason' => $this->reason];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $ruling = $plan->ruling($this->place);

        return match (true) {
            null === $ruling => Sentence::plain('There is no such rule on this job.'),
            !$ruling->needsEngineer() => Sentence::plain('There is nothing to accept: the kit asks for no more than this.'),
            default => null,
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of(
            $plan->job->pins(), window: $plan->ruling($this->place)?->window, value: $plan->ruling($this->place)?->value,
        );
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of(
            '{part}, {where}, let stand as it lies: {reason}', [
                'part' => $names->item($this->place->item), 'where' => $this->place->where->label(), 'reason' => $this->reason,
            ],
        );
    }
}
