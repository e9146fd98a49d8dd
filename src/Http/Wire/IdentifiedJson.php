<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\Identified;
use Berm\Core\Identification\Agreement;
use Berm\Core\Identification\Candidate;
use Berm\Core\Identification\Sight;
use Berm\Core\Wire\FitJson;
use Berm\Core\Wire\SentenceJson;

final class IdentifiedJson
{
    /** @return array<string, mixed> */
    public static function of(Identified $identified): array
    {
        return [
            'compared' => $identified->compared,
            'candidates' => array_map(self::candidate(...), $identified->candidates),
            'next' => null === $identified->next ? null : [
                'layer' => $identified->next->kind?->value, 'advice' => SentenceJson::of($identified->next->advice),
            ],
            'named' => null === $identified->named ? null : self::candidate($identified->named),
            'isMisnamed' => $identified->isMisnamed(),
        ];
    }

    /** @return array<string, mixed> */
    private static function candidate(Candidate $candidate): array
    {
        return [
            'id' => $candidate->id, 'revision' => $candidate->revision, 'designation' => $candidate->designation,
            'isPossible' => $candidate->isPossible(),
            'agreements' => array_map(static fn (Agreement $agreement): array => [
                'layer' => $agreement->kind->value, 'isContradicted' => $agreement->isContradicted(),
                'judgement' => null === $agreement->judgement ? null : FitJson::judgement($agreement->judgement),
                'reason' => SentenceJson::of($agreement->reason),
            ], $candidate->agreements),
            'contradictions' => array_map(static fn (Sight $sight): string => $sight->value, $candidate->contradictions),
        ];
    }
}
