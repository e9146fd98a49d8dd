<?php

declare(strict_types=1);

namespace App\Http\Wire;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\CutAdvice;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Datum;
use Berm\Core\MarkOut\InchMark;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;

final readonly class MarkOutJson
{
    private function __construct(private MarkOut $markOut, private BuildState $build)
    {
    }

    /** @return array<string, mixed>|null */
    public static function of(Plan $plan): ?array
    {
        if (null === $plan->markOut) {
            return null;
        }
        $json = new self($plan->markOut, $plan->build);

        return [
            'datums' => array_map(static fn (Datum $datum): string => $datum->value, $plan->markOut->datums()),
            'marks' => array_map($json->mark(...), $plan->markOut->all()),
        ];
    }

    /** @return array<string, mixed> */
    private function mark(Mark $mark): array
    {
        return [
            'end' => $mark->place->end->value,
            'cut' => $mark->place->cut->value,
            'core' => $mark->place->core,
            'order' => $mark->order,
            'tool' => $mark->tool,
            'depthMm' => $mark->depth?->inMillimetres(),
            'depthMeasured' => $mark->isDepthMeasured,
            'reason' => $mark->reason,
            'working' => SentenceJson::of($mark->working),
            'from' => $this->fromEachDatum($mark),
            'recorded' => $this->recorded($mark),
        ];
    }

    /** @return array<string, array<string, mixed>> */
    private function fromEachDatum(Mark $mark): array
    {
        $oversheath = $this->build->cut($mark->place->end, Cut::Oversheath)->reading->value ?? $this->markOut->mark($mark->place->end, Cut::Oversheath)->at ?? $mark->at;
        $seen = [];
        foreach ($this->markOut->datums() as $datum) {
            $at = $this->markOut->from($datum, $mark->at, $oversheath);
            $window = $this->markOut->windowFrom($datum, $mark->window(), $oversheath);
            $inches = InchMark::of($at, $window);
            $seen[$datum->value] = [
                'atMm' => $at->inMillimetres(), 'minMm' => ($window->min ?? $at)->inMillimetres(), 'maxMm' => ($window->max ?? $at)->inMillimetres(),
                'inches' => ['at' => $inches->at, 'min' => $inches->from, 'max' => $inches->to],
            ];
        }

        return $seen;
    }

    /** @return array<string, mixed>|null */
    private function recorded(Mark $mark): ?array
    {
        $measured = $this->build->cut($mark->place->end, $mark->place->cut, $mark->place->core);
        $judgement = $this->build->judgementOf($mark);
        if (null === $measured || null === $judgement) {
            return null;
        }

        return [
            ...self::reading($measured),
            'judgement' => FitJson::judgement($judgement),
            'tooLong' => $judgement->isTooLong(),
            'advice' => self::advice($mark, $measured, $judgement),
            'accepted' => ($this->build->accepted[$mark->place->end->value.'/'.$mark->place->cut->value.'/'.$mark->place->core] ?? null)?->reason,
        ];
    }

    /** @return array<string, mixed> */
    private static function reading(CutMeasured $measured): array
    {
        return ['typed' => $measured->reading->typed, 'unit' => $measured->reading->unit->value, 'instrument' => $measured->reading->instrument->value, 'valueMm' => $measured->reading->value->inMillimetres()];
    }

    /** @return array<string, mixed>|null */
    private static function advice(Mark $mark, CutMeasured $measured, Judgement $judgement): ?array
    {
        $advice = CutAdvice::on($mark, $measured->reading, $judgement);

        return null === $advice ? null : SentenceJson::of($advice);
    }

    public static function millimetres(?Length $length): ?float
    {
        return $length?->inMillimetres();
    }
}
