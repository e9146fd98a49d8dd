<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Build\BuildState;
use Berm\Core\Build\Progress;
use Berm\Core\Cable\Where;
use Berm\Core\CoreError;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\KitSheet;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\MarkOut\MarkOutImpossible;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\CutPlaces;
use Berm\Core\Section\Lap;
use Berm\Core\Section\PlacedValues;
use Berm\Core\Section\Section;

/**
 * Where everything lies on the cables and in which order it comes there, as far as what has been chosen lets it be worked out.
 *
 * @internal part of Plan
 */
final readonly class Layout
{
    /** @param list<Lap> $laps on every core, those of the core at work first */
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
        $connector = $job->turnedConnector();
        $parking = null;
        try {
            if (null === $connector || $connector->kind !== $job->function->connectorKind()) {
                return new self(null, ParkingPlan::of($cables, $sheet, $job->size, null), null, null, [], null);
            }
            $assembly = Assembly::of($cables, $sheet, $job->size, $connector, $job->site);
            $markOut = MarkOut::plan($assembly);
            $parking = ParkingPlan::of($cables, $sheet, $job->size, $markOut);

            return self::whole($assembly, $markOut, $parking, $build);
        } catch (CoreError $error) {
            return new self(
                null,
                $parking,
                null,
                null,
                [],
                $error instanceof MarkOutImpossible ? $error->reason : Sentence::plain($error->getMessage()),
            );
        }
    }

    private static function whole(Assembly $assembly, MarkOut $markOut, ParkingPlan $parking, BuildState $build): self
    {
        $values = static fn (Where $where): Values => (new PlacedValues(
            $assembly, new CutPlaces($markOut, $build, $where->core ?? 1),
        ))->at($assembly->cable($where->end));
        $progress = Progress::of($assembly->sheet, $markOut, $parking, $build, $values);
        $core = $progress->next()->where->core ?? 1;
        $section = Section::of($assembly, $markOut, $build, $core);
        $laps = $section->laps;
        foreach (array_diff(range(1, $markOut->cores()), [$core]) as $other) {
            $laps = [...$laps, ...Section::of($assembly, $markOut, $build, $other)->laps];
        }

        return new self($markOut, $parking, $section, $progress, $laps, null);
    }
}
