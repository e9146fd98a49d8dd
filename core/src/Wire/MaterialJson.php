<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Material\Requirement;
use Berm\Core\Quantity\Length;

final class MaterialJson
{
    /** @return array<string, mixed> */
    public static function of(Requirement $requirement): array
    {
        $left = $requirement->left();
        $shortage = $requirement->shortage();

        return [
            'key' => $requirement->stock->key,
            'name' => $requirement->stock->name,
            'kind' => $requirement->stock->kind->label(),
            'takers' => $requirement->takers,
            'neededMm' => MarkOutJson::millimetres($requirement->length),
            'hasMm' => MarkOutJson::millimetres($requirement->has),
            'leftMm' => $left instanceof Length ? $left->inMillimetres() : null,
            'pieces' => $requirement->pieces,
            'count' => $requirement->count,
            'short' => null === $shortage ? null : SentenceJson::of($shortage),
            'missed' => self::missed($requirement),
        ];
    }

    /** @return list<array{over: int, says: array<string, mixed>}> for each number of pieces that is more than should be over */
    private static function missed(Requirement $requirement): array
    {
        $missed = [];
        for ($over = 1; $over <= min($requirement->count, 60); ++$over) {
            $says = $requirement->missed($over);
            $missed = null === $says ? $missed : [...$missed, ['over' => $over, 'says' => SentenceJson::of($says)]];
        }

        return $missed;
    }
}
