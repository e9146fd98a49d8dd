<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Progress;
use Berm\Core\CoreError;
use Berm\Core\Kit\KitSheet;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\MarkOut\MarkOutImpossible;
use Berm\Core\MarkOut\OtherMark;
use Berm\Core\Material\Requirement;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Materials;
use Berm\Core\Section\Measuring;
use Berm\Core\Section\Ruling;
use Berm\Core\Section\Section;
use Berm\Core\Section\SectionsOfCores;

/**
 * Where everything lies on the cables and in which order it comes there, as far as what has been chosen lets it be worked out.
 *
 * @internal part of Plan
 */
final readonly class Layout
{
    /**
     * @param list<Section>     $otherCores the sections of the other cores
     * @param list<Ruling>      $rulings    on every core, those of the core at work first
     * @param list<Requirement> $materials
     */
    private function __construct(
        public ?MarkOut $markOut,
        /** @var list<OtherMark> */
        public array $otherMarks,
        public ?ParkingPlan $parking,
        /** On the core that is worked on. */
        public ?Section $section,
        public array $otherCores,
        public ?Progress $progress,
        public array $rulings,
        public array $materials,
        /** Why it cannot be worked out. */
        public ?Sentence $problem,
    ) {
    }

    public static function none(): self
    {
        return new self(null, [], null, null, [], null, [], [], null);
    }

    /** @param KitSheet|null $sheet as it stands for the job */
    public static function of(Job $job, ?KitSheet $sheet, BuildState $build): self
    {
        return self::laid($job, $sheet, $build, true);
    }

    /** Where everything lies and which rules hold, and not in which order it comes there. */
    public static function withoutWork(Job $job, KitSheet $sheet, BuildState $build): self
    {
        return self::laid($job, $sheet, $build, false);
    }

    private static function laid(Job $job, ?KitSheet $sheet, BuildState $build, bool $withWork): self
    {
        $cables = $job->allCables();
        if (null === $cables || null === $sheet || null === $job->size || $sheet->application->function !== $job->function) {
            return self::none();
        }
        $connector = $job->turnedConnector();
        $parking = null;
        try {
            if (null === $connector || $connector->kind !== $job->function->connectorKind()) {
                return new self(null, [], ParkingPlan::of($cables, $sheet, $job->size, null), null, [], null, [], [], null);
            }
            $measuring = Assembled::of($job)->measuring($build) ?? throw new \LogicException('all of it has been chosen');
            $markOut = $measuring->markOut();
            $parking = ParkingPlan::of($cables, $sheet, $job->size, $markOut);

            return self::whole($measuring, $parking, $build, $withWork);
        } catch (CoreError $error) {
            return new self(
                null,
                [],
                $parking,
                null,
                [],
                null,
                [],
                [],
                $error instanceof MarkOutImpossible ? $error->reason : Sentence::plain($error->getMessage()),
            );
        }
    }

    private static function whole(
        Measuring $measuring, ParkingPlan $parking, BuildState $build, bool $withWork,
    ): self {
        [$assembly, $markOut] = [$measuring->assembly, $measuring->markOut()];
        $progress = $withWork ? Progress::of($assembly, $markOut, $parking, $build, $measuring) : null;
        $core = $progress?->next()->where->core ?? 1;
        $sections = SectionsOfCores::of($measuring, $markOut->cores());
        $section = $sections->ofCore($core);

        return new self(
            $markOut, OtherMark::allOf($assembly, $measuring->places($core)), $parking, $section, $sections->others($core), $progress,
            $sections->rulings($core), Materials::of($assembly, $section, $build), null,
        );
    }
}
