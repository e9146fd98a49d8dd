<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Job\NextStep;

final class NextJson
{
    /** @return array<string, mixed> */
    public static function of(NextStep $next): array
    {
        $task = $next->task;

        return [
            'step' => $next->step->value, 'title' => SentenceJson::of($next->title), 'task' => $task?->kind->value,
            'end' => $task?->where->end?->value, 'core' => $task?->where->core,
            'number' => $task?->number, 'cut' => $task?->mark?->place->cut->value,
            'part' => $task->work->part ?? $task?->item?->key, 'how' => $task?->work?->how->value,
            'stage' => $task?->stage->key, 'check' => $task?->check?->key,
        ];
    }
}
