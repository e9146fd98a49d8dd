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

/** The leaflet in the box was read: which edition it is, as it stands on it. */
final readonly class LeafletRead implements Event
{
    public function __construct(public string $edition)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::LeafletRead;
    }

    public function subject(): array
    {
        return [];
    }

    public static function read(Fields $file): self
    {
        return new self($file->text('edition', 60));
    }

    public function write(): array
    {
        return ['edition' => $this->edition];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return '' === ($plan->sheet->leaflet ?? '') ? Sentence::plain(
            'This sheet does not say of which edition of the leaflet it is.',
        ) : null;
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('Leaflet in the box: edition {edition}', ['edition' => $this->edition]);
    }
}
