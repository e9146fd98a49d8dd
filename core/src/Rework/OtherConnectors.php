<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Connector\Connector;
use Berm\Core\Fit\ConnectorFit;
use Berm\Core\Job\Plan;
use Berm\Core\Saying\Sentence;

/** Another connector, by which what is out is right as it was made. */
final class OtherConnectors
{
    /** So many that would suit are planned whole, the best first. */
    private const PLANNED = 12;

    /**
     * @param list<Connector> $connectors
     * @param Right           $isRight    by a plan with another one
     * @param Sentence        $as         how it is: "this cut at 56.2 mm"
     */
    public static function among(Plan $plan, array $connectors, Right $isRight, Sentence $as): Way
    {
        $tried = 0;
        foreach ($connectors as $connector) {
            if ($tried < self::PLANNED && self::suits($plan, $connector)) {
                ++$tried;
                $other = Tried::with($plan->job->withConnector($connector), $plan, $isRight);
                if (null !== $other) {
                    return Way::of(
                        WayKind::OtherConnector, Sentence::of('Take {connector}', ['connector' => $connector->name]), Sentence::plain(
                            'All is right for it as it was made. The plan changes with it; what was measured stays.',
                        ), Cost::connector(), Choice::connector($connector),
                    )->comingTo(Comes::to($other));
                }
            }
        }

        return Way::of(WayKind::OtherConnector, Sentence::plain('Take another connector'), Sentence::plain(
            'One for which all is right as it was made.',
        ))->ruledOut(0 === $tried
            ? Sentence::plain('No other connector that Berm knows of goes on these conductors and in this kit.')
            : Sentence::of(
                'Of {tried} that go on these conductors and in this kit, none is right with {as}.', ['tried' => $tried, 'as' => $as],
            ));
    }

    private static function suits(Plan $plan, Connector $connector): bool
    {
        $job = $plan->job;

        return !$connector->revision->equals($job->connector->revision ?? $connector->revision)
            && ConnectorFit::judge($job->function, array_values($job->cables), $connector, $plan->sheet, $job->size)->outcome()->lets();
    }
}
