<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Job\Plan;
use Berm\Core\Job\Wait;
use Berm\Core\Job\Waits;

/** What waits for whom on a job. */
final class WaitJson
{
    /** @return list<array<string, mixed>> */
    public static function of(Plan $plan): array
    {
        return array_map(static fn (Wait $wait): array => [
            'who' => $wait->who->value, 'what' => SentenceJson::of($wait->what), 'step' => $wait->step->value,
            'by' => $wait->by, 'at' => $wait->at?->format(\DATE_ATOM), 'for' => $wait->for,
        ], Waits::of($plan));
    }
}
