<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Job\Plan;

/** What makes something untrue that was written down before: a part is off again, an end is shorter, a mark lies elsewhere. */
interface Undoes extends Event
{
    /** It was done with it, upon it, or measured from it. */
    public function fells(Event $event, Plan $plan): bool;
}
