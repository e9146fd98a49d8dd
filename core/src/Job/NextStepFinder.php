<?php

declare(strict_types=1);

namespace Berm\Core\Job;

/** Finds the one thing to do now: what the first obstacle wants, else the first task that is open. @internal use Plan::next() */
final class NextStepFinder
{
    public static function in(Plan $plan): NextStep
    {
        $obstacle = self::first($plan);
        $task = $plan->progress?->next();

        return match (true) {
            null !== $obstacle => NextStep::at($obstacle->step, self::title($obstacle, $plan->job->function->connectorKind()->label())),
            null !== $task => NextStep::task($task),
            null === $plan->build->handedOver() => NextStep::at(Step::Record, 'Read and hand over the record'),
            default => NextStep::at(Step::Record, 'Read the record'),
        };
    }

    /** What is dealt with in the build shows there as its first open task. */
    private static function first(Plan $plan): ?Obstacle
    {
        if (null !== $plan->build->connector) {
            return self::afterConnector($plan);
        }
        $codes = array_map(static fn (Obstacle $obstacle): ObstacleCode => $obstacle->code, $plan->obstacles);
        // A part that covers too little because a cut is out: the cut comes first.
        $inBuild = [
            ObstacleCode::CutOut,
            ObstacleCode::CheckOut,
            ObstacleCode::Unsettled,
            ...(\in_array(ObstacleCode::CutOut, $codes, true) ? [ObstacleCode::LapShort] : []),
        ];
        foreach ($plan->obstacles as $obstacle) {
            if (!\in_array($obstacle->code, $inBuild, true)) {
                return $obstacle;
            }
        }

        return null;
    }

    /** What stops all work stops it then too; the rest can no longer be put right by planning. */
    private static function afterConnector(Plan $plan): ?Obstacle
    {
        $codes = [ObstacleCode::SheetWithdrawn, ObstacleCode::FoundOtherwise, ObstacleCode::LeafletOther, ObstacleCode::MaterialShort];
        foreach ($plan->obstacles as $obstacle) {
            if (\in_array($obstacle->code, $codes, true)) {
                return $obstacle;
            }
        }

        return null;
    }

    private static function title(Obstacle $obstacle, string $connector): string
    {
        return match ($obstacle->code) {
            ObstacleCode::SafetyOpen => 'Confirm that it is safe to start',
            ObstacleCode::CableMissing => 'Choose the cables and measure them',
            ObstacleCode::KitMissing => 'Choose the kit',
            ObstacleCode::SheetWithdrawn => 'See why the sheet was withdrawn',
            ObstacleCode::FoundOtherwise => 'See to what was found',
            ObstacleCode::LeafletUnread => 'Say which leaflet lies in the box',
            ObstacleCode::LeafletOther => 'Have the leaflet compared with the sheet',
            ObstacleCode::ConnectorMissing => "Choose the $connector",
            ObstacleCode::CannotTell => Step::Kit === $obstacle->step ? 'Say where it will be' : 'Measure what is missing on the cables',
            ObstacleCode::RoomUnknown => 'Measure what is missing on the cables',
            ObstacleCode::DoesNotFit => match ($obstacle->step) {
                Step::Kit => 'Choose a kit that fits',
                Step::Connector => "Choose a $connector that fits",
                default => 'Put right what is wrong with the cable',
            },
            ObstacleCode::CannotBeMarkedOut => 'See why it cannot be marked out',
            ObstacleCode::RoomShort => 'Make room for what is parked',
            ObstacleCode::MaterialShort => 'Get what the box is short of',
            ObstacleCode::LapShort => 'See which part will not cover what it must',
            ObstacleCode::Unsettled => 'Say which of two answers counts',
            ObstacleCode::CutOut => 'Put right the cut that is out',
            ObstacleCode::CheckOut => 'Put right the check that is out',
        };
    }
}
