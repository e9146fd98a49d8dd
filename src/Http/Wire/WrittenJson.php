<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\WrittenEntry;
use Berm\Core\Wire\Changes;

/** The answer to an entry: what it changed. Whoever has the job by the stamp that it came after has it by the new one. */
final class WrittenJson
{
    /** @return array<string, mixed> */
    public static function of(WrittenEntry $written): array
    {
        $before = JobJson::of($written->before);
        $after = JobJson::of($written->after);

        return [
            'entry' => $written->entryId,
            'before' => $before['stamp'],
            'stamp' => $after['stamp'],
            'changes' => Changes::between($before, $after),
        ];
    }
}
