<?php

declare(strict_types=1);

namespace Berm\Core\Job;

/** Finds the one thing to do now. @internal use Plan::next() */
final class NextStepFinder
{
    public static function in(Plan $plan): NextStep
    {
        return self::toPlan($plan) ?? self::toBuild($plan) ?? NextStep::at(Step::Record, 'Read and hand over the record');
    }

    private static function toPlan(Plan $plan): ?NextStep
    {
        $connector = $plan->job->function->connectorKind()->label();
        $steps = array_map(static fn (Obstacle $obstacle): Step => $obstacle->step, $plan->obstacles);
        $hasAll = null !== $plan->job->allCables() && null !== $plan->job->size && null !== $plan->job->connector;

        return match (true) {
            null !== $plan->build->connector => null,
            null === $plan->build->safety => NextStep::at(Step::Safety, 'Confirm that it is safe to start'),
            null === $plan->job->allCables() => NextStep::at(Step::Cables, 'Choose the cables and measure them'),
            null !== $plan->unsoundCable() => NextStep::at(Step::Cables, 'Put right what is wrong with the cable'),
            null === $plan->job->size => NextStep::at(Step::Kit, 'Choose the kit'),
            null === $plan->job->connector => NextStep::at(Step::Connector, "Choose the $connector"),
            \in_array(Step::Cables, $steps, true) => NextStep::at(Step::Cables, 'Measure what is missing on the cables'),
            \in_array(Step::Kit, $steps, true) => NextStep::at(Step::Kit, 'Choose a kit that fits'),
            \in_array(Step::Connector, $steps, true) => NextStep::at(Step::Connector, "Choose a $connector that fits"),
            $hasAll && \in_array(Step::MarkOut, $steps, true) && [] === $plan->build->cuts => NextStep::at(Step::MarkOut, 'See why it cannot be marked out'),
            default => null,
        };
    }

    private static function toBuild(Plan $plan): ?NextStep
    {
        $task = $plan->progress?->next();

        return null === $task ? null : NextStep::task($task);
    }
}
