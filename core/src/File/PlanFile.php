<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Job\Obstacle;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Part;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\InchMark;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Parking\ParkingSide;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Saying\Reader;
use Berm\Core\Section\Interval;
use Berm\Core\Section\Lap;

/** All that was computed, for people and programs to read: lengths are texts with their unit, sentences are in the job's own unit. */
final readonly class PlanFile
{
    private function __construct(private Plan $plan, private Reader $reader)
    {
    }

    /** @return array<string, mixed> */
    public static function write(Plan $plan): array
    {
        $file = new self($plan, new Reader($plan->job->unit));

        return [
            'job' => $plan->job->name,
            'obstacles' => array_map(static fn (Obstacle $obstacle): array => ['step' => $obstacle->step->value, 'reason' => $file->reader->say($obstacle->reason)], $plan->obstacles),
            'next' => $file->reader->say($plan->next()->title),
            'fit' => ['cables' => $file->report($plan->cableFit), 'kit' => $file->report($plan->kitFit), 'connector' => $file->report($plan->connectorFit)],
            'markOut' => null === $plan->markOut ? null : array_map($file->mark(...), $plan->markOut->all()),
            'parking' => null === $plan->parking ? null : array_map($file->side(...), $plan->parking->sides),
            'section' => null === $plan->section ? null : [
                'layers' => array_map(self::interval(...), $plan->section->layers),
                'connector' => self::interval($plan->section->connector),
                'parts' => array_map(self::interval(...), $plan->section->parts),
                'laps' => array_map(static fn (Lap $lap): array => ['part' => $lap->part->key, 'rule' => $lap->coverage->rule->value, 'end' => $lap->end->value, 'of' => $lap->coverage->of, ...self::judgement($lap->judgement), 'reason' => $file->reader->say($lap->reason())], $plan->section->laps),
            ],
        ];
    }

    /** @return array<string, mixed>|null */
    private function report(?FitReport $report): ?array
    {
        return null === $report ? null : [
            'outcome' => $report->outcome()->value,
            'findings' => array_map(fn (Finding $finding): array => [
                'criterion' => $finding->criterion->value,
                'end' => $finding->end?->value,
                'outcome' => $finding->outcome->value,
                ...(null === $finding->judgement ? [] : self::judgement($finding->judgement)),
                'reason' => $this->reader->say($finding->reason),
            ], $report->findings),
        ];
    }

    /** @return array<string, mixed> */
    private static function judgement(Judgement $judgement): array
    {
        return [
            'value' => $judgement->value->toText(), 'uncertainty' => $judgement->uncertainty->toText(),
            'min' => $judgement->window->min?->toText(), 'max' => $judgement->window->max?->toText(), 'margin' => $judgement->margin->toText(),
        ];
    }

    /** @return array<string, mixed> */
    private function mark(Mark $mark): array
    {
        $inches = InchMark::of($mark->at, $mark->window());
        $judgement = $this->plan->build->judgementOf($mark);

        return [
            'end' => $mark->end->value, 'cut' => $mark->cut->value, 'core' => $mark->core, 'order' => $mark->order,
            'at' => $mark->at->toText(), 'min' => $mark->window()->min?->toText(), 'max' => $mark->window()->max?->toText(),
            'inches' => ['at' => $inches->at, 'min' => $inches->from, 'max' => $inches->to],
            'from' => $this->fromEachDatum($mark),
            'tool' => $mark->tool, 'depth' => $mark->depth?->toText(), 'depthMeasured' => $mark->isDepthMeasured,
            'reason' => $mark->reason, 'working' => $this->reader->say($mark->working),
            'measured' => null === $judgement ? null : ['verdict' => $judgement->verdict->value, ...self::judgement($judgement)],
        ];
    }

    /** @return array<string, string> */
    private function fromEachDatum(Mark $mark): array
    {
        $sheath = $this->plan->build->cut($mark->end, Cut::Oversheath)->reading->value ?? $this->plan->markOut?->mark($mark->end, Cut::Oversheath)->at ?? $mark->at;
        $places = [];
        foreach ($this->plan->markOut?->datums() ?? [] as $datum) {
            $places[$datum->value] = ($this->plan->markOut?->from($datum, $mark->at, $sheath) ?? $mark->at)->toText();
        }

        return $places;
    }

    /** @return array<string, mixed> */
    private function side(ParkingSide $side): array
    {
        return [
            'end' => $side->end->value, 'onCores' => $side->isOnCores, 'needed' => $side->needed->toText(), 'free' => $side->free?->toText(), 'spare' => $side->spare()?->toText(),
            'parts' => array_map(fn (Part $part): array => ['key' => $part->key, 'name' => $part->name, 'length' => $this->plan->job->size?->parts[$part->key]->length->toText()], $side->parts),
        ];
    }

    /** @return array<string, mixed> */
    private static function interval(Interval $interval): array
    {
        return [
            'key' => $interval->key, 'end' => $interval->end?->value, 'from' => $interval->from->toText(), 'to' => $interval->to->toText(),
            'radius' => $interval->radius->toText(), 'standing' => $interval->standing->value,
        ];
    }
}
