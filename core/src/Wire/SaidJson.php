<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Build\Call;
use Berm\Core\Build\Done;
use Berm\Core\Job\Plan;

/** What people have to say and to show on a job: calls with their answers, pictures. */
final class SaidJson
{
    /** @return list<array<string, mixed>> */
    public static function pictures(Plan $plan): array
    {
        return array_map(static fn (Done $done): array => [
            'entry' => $done->entry->id, 'hash' => $done->event->picture, 'caption' => $done->event->caption,
            'stage' => $done->event->stage, 'by' => $done->entry->by, 'at' => $done->entry->doneAt()->format(\DATE_ATOM),
        ], $plan->build->pictures());
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
