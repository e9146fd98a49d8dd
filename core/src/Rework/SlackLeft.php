<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Reading;

/** What is left of the slack of an end: as it was measured, less what was sawn off since the work began. */
final class SlackLeft
{
    /** @param Reading $slack as it was found */
    public static function of(Plan $plan, End $end, Reading $slack): Length
    {
        $left = $slack->value;
        foreach ($plan->build->sawnOff($end) as $sawn) {
            $left = $left->minus($sawn->event->by->value);
        }

        return $left;
    }
}
