<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Saying\Sentence;

final class FitJson
{
    /** @return array<string, mixed>|null */
    public static function of(?FitReport $report): ?array
    {
        return null === $report ? null : [
            'outcome' => $report->outcome()->value,
            'thinnest' => null === $report->thinnest() ? null : self::finding($report->thinnest()),
            'findings' => array_map(self::finding(...), $report->condensed()->findings),
        ];
    }

    /** @return array<string, mixed> */
    public static function finding(Finding $finding): array
    {
        return [
            'criterion' => $finding->criterion->value,
            'label' => SentenceJson::of(Sentence::plain($finding->criterion->label())),
            'end' => $finding->end?->value,
            'outcome' => $finding->outcome->value,
            'stops' => $finding->stops,
            'measure' => $finding->needed?->layer->value,
            'judgement' => null === $finding->judgement ? null : self::judgement($finding->judgement),
            'reason' => SentenceJson::of($finding->reason),
        ];
    }

    /** @return array<string, mixed> */
    public static function judgement(Judgement $judgement): array
    {
        return [
            'verdict' => $judgement->verdict->value,
            'valueMm' => $judgement->value->inMillimetres(),
            'uncertaintyMm' => $judgement->uncertainty->inMillimetres(),
            'minMm' => $judgement->window->min?->inMillimetres(),
            'maxMm' => $judgement->window->max?->inMillimetres(),
            'marginMm' => $judgement->margin->inMillimetres(),
        ];
    }
}
