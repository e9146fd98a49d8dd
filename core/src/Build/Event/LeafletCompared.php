<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** An engineer has held another edition of the leaflet against the sheet, and lets the joint be built by it. */
final readonly class LeafletCompared implements Event
{
    public function __construct(public string $reason)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::LeafletCompared;
    }

    public function subject(): array
    {
        return [];
    }

    public static function read(Fields $file): self
    {
        return new self($file->text('reason', 600));
    }

    public function write(): array
    {
        return ['reason' => $this->reason];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return $plan->build->isOtherLeaflet(
            $plan->sheet,
        ) ? null : Sentence::plain('There is nothing to compare: no other edition lies in the box.');
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins(), $plan->build->leaflet()?->entry->id);
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('Leaflet compared with the sheet: {reason}', ['reason' => $this->reason]);
    }
}
