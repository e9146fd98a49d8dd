<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Progress;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Where;
use Berm\Core\Connector\Connector;
use Berm\Core\CoreError;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\MarkOut\MarkOutImpossible;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\CutPlaces;
use Berm\Core\Section\Lap;
use Berm\Core\Section\PlacedValues;
use Berm\Core\Section\Section;

/** Where everything lies on the cables and in which order it comes there, as far as what has been chosen lets it be worked out. @internal part of Plan */
final readonly class Layout
{
    /** @param list<Lap> $laps on every core */
    private function __construct(
        public ?MarkOut $markOut,
        public ?ParkingPlan $parking,
        /** On the core that is worked on. */
        public ?Section $section,
        public ?Progress $progress,
        public array $laps,
        /** Why it cannot be worked out. */
        public ?Sentence $problem,
    ) {
    }

    /** @param KitSheet|null $sheet as it stands for the job */
    public static function of(Job $job, ?KitSheet $sheet, BuildState $build): self
    {
        $cables = $job->allCables();
        if (null === $cables || null === $sheet || null === $job->size || $sheet->application->function !== $job->function) {
            return new self(null, null, null, null, [], null);
        }
        $parking = null;
        try {
            if (null === $job->connector || $job->connector->kind !== $job->function->connectorKind()) {
                return new self(null, ParkingPlan::of($cables, $sheet, $job->size, null), null, null, [], null);
            }
            $markOut = MarkOut::plan($cables, $sheet, $job->size, $job->connector, $job->site);
            $parking = ParkingPlan::of($cables, $sheet, $job->size, $markOut);

            return self::whole($job, $cables, $sheet, $job->size, $job->connector, $markOut, $parking, $build);
        } catch (CoreError $error) {
            return new self(null, $parking, null, null, [], $error instanceof MarkOutImpossible ? $error->reason : Sentence::plain($error->getMessage()));
        }
    }

    /** @param non-empty-list<CableEnd> $cables */
    private static function whole(Job $job, array $cables, KitSheet $sheet, KitSize $size, Connector $connector, MarkOut $markOut, ParkingPlan $parking, BuildState $build): self
    {
        $values = static fn (Where $where): Values => (new PlacedValues($cables, $size, $connector, $job->site, new CutPlaces($markOut, $build, $where->core ?? 1)))->at($job->cables[$where->end->value ?? ''] ?? $cables[0]);
        $progress = Progress::of($sheet, $markOut, $parking, $build, $values);
        $core = $progress->next()->where->core ?? 1;
        $section = null;
        $laps = [];
        // The core at work first: what is out there is said first.
        foreach (array_unique([$core, ...range(1, $markOut->cores())]) as $one) {
            $onCore = Section::of($cables, $sheet, $size, $connector, $job->site, $markOut, $build, $one);
            $section ??= $onCore;
            $laps = [...$laps, ...$onCore->laps];
        }

        return new self($markOut, $parking, $section, $progress, $laps, null);
    }
}
