<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\CutAdvice;
use Berm\Core\Build\Done;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Datum;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\MarkOut\OtherMark;
use Berm\Core\MarkOut\SeenMark;
use Berm\Core\MarkOut\SetMark;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Sentence;

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
            'others' => array_map($json->other(...), $plan->otherMarks),
        ];
    }

    /** @return array<string, mixed> */
    private function mark(Mark $mark): array
    {
        $seen = [];
        foreach (SeenMark::fromEach($this->markOut, $this->build, $mark) as $from) {
            $seen[$from->datum->value] = self::seen($from);
        }

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
            'from' => $seen,
            'recorded' => $this->recorded($mark),
        ];
    }

    /** @return array<string, mixed> */
    private function other(OtherMark $mark): array
    {
        return [
            'kind' => $mark->kind->value, 'end' => $mark->end->value, 'onCores' => $mark->isOnCores, 'name' => $mark->name,
            'reason' => SentenceJson::of(Sentence::plain($mark->reason)), 'handMm' => $mark->hand->inMillimetres(),
            'at' => $this->edge($mark, $mark->at),
            'to' => null === $mark->to ? null : $this->edge($mark, $mark->to),
        ];
    }

    /** @return array<string, array<string, string>> by datum and unit, without the unit */
    private function edge(OtherMark $mark, Length $at): array
    {
        $core = $mark->isOnCores ? 1 : null;
        $seen = [];
        foreach (SeenMark::ofPlace($this->markOut, $this->build, $mark->end, $core, $at, $mark->window($at)) as $from) {
            $seen[$from->datum->value] = ['mm' => $from->set(LengthUnit::Millimetre)->at, 'in' => $from->set(LengthUnit::Inch)->at];
        }

        return $seen;
    }

    /** @return array<string, mixed> the true window, and what an instrument can set in it in either unit */
    private static function seen(SeenMark $seen): array
    {
        return [
            'atMm' => $seen->at->inMillimetres(),
            'minMm' => ($seen->window->min ?? $seen->at)->inMillimetres(),
            'maxMm' => ($seen->window->max ?? $seen->at)->inMillimetres(),
            'set' => ['mm' => self::set($seen->set(LengthUnit::Millimetre)), 'in' => self::set($seen->set(LengthUnit::Inch))],
        ];
    }

    /** @return array{at: string, min: string, max: string, needs: string|null} */
    private static function set(SetMark $set): array
    {
        return ['at' => $set->at, 'min' => $set->from, 'max' => $set->to, 'needs' => $set->needs?->value];
    }

    /** @return array<string, mixed>|null */
    private function recorded(Mark $mark): ?array
    {
        $measured = $this->build->cut($mark->place);
        $judgement = $this->build->judgementOf($mark);
        if (null === $measured || null === $judgement) {
            return null;
        }
        $advice = CutAdvice::on($mark, $measured->event->reading, $judgement);

        return [
            ...self::reading($measured),
            'judgement' => FitJson::judgement($judgement),
            'tooLong' => $judgement->isTooLong(),
            'advice' => null === $advice ? null : SentenceJson::of($advice),
            'accepted' => $this->build->acceptance($mark)?->event->reason,
        ];
    }

    /**
     * @param Done<CutMeasured> $measured
     *
     * @return array<string, mixed>
     */
    private static function reading(Done $measured): array
    {
        $reading = $measured->event->reading;

        return [
            'entry' => $measured->entry->id, 'typed' => $reading->typed, 'unit' => $reading->unit->value,
            'instrument' => $reading->instrument->value, 'byWhat' => $reading->byWhat(),
            'valueMm' => $reading->value->inMillimetres(), 'sawnOffMm' => $reading->sawnOff?->inMillimetres(),
        ];
    }

    public static function millimetres(?Length $length): ?float
    {
        return $length?->inMillimetres();
    }
}
