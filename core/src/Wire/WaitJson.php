<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Build\Call;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Wait;
use Berm\Core\Job\Waits;

/** What waits for whom on a job, and the calls that were made on it. */
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

    /** @return list<array<string, mixed>> */
    public static function calls(Plan $plan): array
    {
        return array_map(static fn (Call $call): array => [
            'entry' => $call->made->entry->id, 'about' => $call->made->event->about->value, 'stage' => $call->made->event->stage,
            'note' => $call->made->event->note, 'by' => $call->made->entry->by, 'at' => $call->made->entry->doneAt()->format(\DATE_ATOM),
            'answer' => null === $call->answered ? null : [
                'entry' => $call->answered->entry->id, 'text' => $call->answered->event->answer, 'by' => $call->answered->entry->by,
                'at' => $call->answered->entry->doneAt()->format(\DATE_ATOM),
            ],
        ], $plan->build->calls());
    }
}
