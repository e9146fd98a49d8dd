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

/** The connector or lug is crimped or sheared on: there is no way back from here. */
final readonly class ConnectorFitted implements Event
{
    public function __construct(/** As printed on its bag; empty when it carries none. */ public string $batch)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::ConnectorFitted;
    }

    public function subject(): array
    {
        return [];
    }

    public static function read(Fields $file): self
    {
        return new self($file->optionalText('batch', 80));
    }

    public function write(): array
    {
        return ['batch' => $this->batch];
    }

    public function stage(Progress $progress): ?Stage
    {
        return $progress->stageFittingConnector();
    }

    public function refusal(Plan $plan): ?Sentence
    {
        foreach ($plan->markOut?->all() ?? [] as $mark) {
            $isLater = true === $plan->job->sheet?->cutsAfterConnector($mark->place->cut, $mark->place->end);
            if (!$isLater && null === $plan->build->cut($mark->place)) {
                return Sentence::plain("Measure and record {$mark->place->inWords()} first: the connector hides it.");
            }
        }
        foreach ($plan->sheet?->parkedItems() ?? [] as $item) {
            if (!$plan->build->isParked($item->key)) {
                return Sentence::of('Park the {part} first: it cannot be put on after the connector.', ['part' => lcfirst($item->name)]);
            }
        }

        return null === $plan->markOut ? Sentence::plain('Plan the job first.') : self::openBefore($plan);
    }

    /** Kit complete, conductors home, gaps, phases: what comes before it is right first. */
    private static function openBefore(Plan $plan): ?Sentence
    {
        $stage = $plan->progress?->stageFittingConnector();
        if (null === $stage) {
            return null;
        }
        $open = $plan->progress->openBefore($stage->key)?->next() ?? $plan->progress->stage($stage->key)?->openBeforeConnector();

        return $open?->first();
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of(
            ucfirst($names->connector()).' fitted'.('' === $this->batch ? '' : ', batch {batch}'), ['batch' => $this->batch],
        );
    }
}
