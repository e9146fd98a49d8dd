<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** What is left of the slack of an end: as it was measured, less what was sawn off since the work began. */
final class SlackLeft
{
    /** Null: nobody has measured it. Below zero where more was sawn off than there was. */
    public static function of(Plan $plan, End $end): ?Length
    {
        $left = ($plan->job->cables[$end->value] ?? null)?->asFound->slack?->value;
        foreach ($plan->build->sawnOff($end) as $sawn) {
            $left = $left?->minus($sawn->value);
        }

        return $left;
    }

    /** The conductors still have to meet. @return Sentence|null null: it is enough, or nobody has measured it */
    public static function short(Plan $plan, End $end, Length $needs): ?Sentence
    {
        $left = self::of($plan, $end);

        return null !== $left && $left->isLessThan($needs) ? Sentence::of(
            "It needs {needs:fine} of slack; {left:fine} is left at end {$end->value}.",
            ['needs' => $needs, 'left' => Length::largest($left, Length::ofNanometres(0))],
        ) : null;
    }
}
