<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Job\Obstacle;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\Margin\Cause;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\OtherMark;
use Berm\Core\MarkOut\SeenMark;
use Berm\Core\MarkOut\SetMark;
use Berm\Core\Material\Requirement;
use Berm\Core\Parking\ParkingSide;
use Berm\Core\Place\Place;
use Berm\Core\Profile\Coat;
use Berm\Core\Profile\Stretch;
use Berm\Core\Profile\Turn;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Section\Interval;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Ruling;

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
            'complete' => $file->reader->say($plan->completion()->sentence()),
            'obstacles' => array_map($file->obstacle(...), $plan->obstacles),
            'next' => $file->reader->say($plan->next()->title),
            'fit' => [
                'cables' => $file->report($plan->cableFit),
                'kit' => $file->report($plan->wholeKitFit()),
                'connector' => $file->report($plan->connectorFit),
            ],
            'markOut' => null === $plan->markOut ? null : array_map($file->mark(...), $plan->markOut->all()),
            'otherMarks' => array_map(self::otherMark(...), $plan->otherMarks),
            'work' => WorkOrderFile::write($plan, $file->reader),
            'materials' => array_map(self::material(...), $plan->materials),
            'parking' => null === $plan->parking ? null : array_map($file->side(...), $plan->parking->sides),
            'section' => null === $plan->section ? null : [
                'layers' => array_map(self::interval(...), $plan->section->layers),
                'connector' => self::interval($plan->section->connector),
                'items' => array_map(self::item(...), $plan->section->items),
                'rules' => array_map($file->ruling(...), $plan->rulings),
                'profile' => ['core' => array_map(self::stretch(...), $plan->section->profile->core)]
                    + (1 === $plan->markOut?->cores() ? [] : ['cable' => array_map(self::stretch(...), $plan->section->profile->cable)]),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function obstacle(Obstacle $obstacle): array
    {
        return [
            'code' => $obstacle->code->value, 'severity' => $obstacle->severity()->value, 'step' => $obstacle->step->value,
            ...PlaceFile::writeWhere($obstacle->where), 'hides' => array_map(
                static fn (Place $place): string => $place->key, $obstacle->hides,
            ),
            'reason' => $this->reader->say($obstacle->reason),
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
            'min' => $judgement->window->min?->toText(), 'max' => $judgement->window->max?->toText(),
            'margin' => $judgement->margin->toText(),
        ];
    }

    /** @return array<string, mixed> */
    private function ruling(Ruling $ruling): array
    {
        return [
            ...PlaceFile::writeRuling($ruling->place),
            'name' => $ruling->name,
            'value' => $ruling->value->toText(),
            'min' => $ruling->window->min?->toText(),
            'max' => $ruling->window->max?->toText(),
            'margin' => $ruling->margin->nominal->toText(),
            'worst' => $ruling->margin->worst->toText(),
            'likely' => $ruling->margin->likely->toText(),
            'proof' => $ruling->proof()->value,
            'binding' => $ruling->isBinding,
            'takesMost' => array_map(fn (Cause $cause): string => $this->reader->say($cause->inWords()), $ruling->takesMost()),
            'reason' => $this->reader->say($ruling->reason()),
        ];
    }

    /** @return array<string, mixed> */
    private static function item(PlacedItem $placed): array
    {
        return [
            'key' => $placed->item->key, 'end' => $placed->end?->value, 'from' => $placed->from->nominal->toText(),
            'to' => $placed->to->nominal->toText(), 'fromLeast' => $placed->from->leastLength()->toText(),
            'fromMost' => $placed->from->mostLength()->toText(), 'toLeast' => $placed->to->leastLength()->toText(),
            'toMost' => $placed->to->mostLength()->toText(),
        ];
    }

    /** @return array<string, mixed> */
    private static function material(Requirement $requirement): array
    {
        $left = $requirement->left();

        return [
            'stock' => $requirement->stock->key, 'for' => $requirement->takers,
            ...(null === $requirement->length ? [] : [
                'needed' => $requirement->length->toText(), 'has' => $requirement->has?->toText(),
            ]),
            'pieces' => $requirement->pieces, 'count' => $requirement->count, 'left' => $left instanceof Length ? $left->toText() : $left,
            'short' => null !== $requirement->lacking(),
        ];
    }

    /** @return array<string, mixed> diameters in mm */
    private static function stretch(Stretch $stretch): array
    {
        return [
            'from' => Length::ofNanometres($stretch->from)->toText(), 'to' => Length::ofNanometres($stretch->to)->toText(),
            'on' => $stretch->base->key,
            'bareMm' => round($stretch->outside(Turn::atRest(), 0), 3),
            'coats' => array_map(static fn (Coat $coat): array => [
                'item' => $coat->placed->item->key, 'outsideMm' => round($coat->outside, 3), 'leastMm' => round($coat->leastOutside, 3),
                'mostMm' => round($coat->mostOutside, 3), ...(null === $coat->passes ? [] : ['passes' => $coat->passes]),
            ], $stretch->coats),
        ];
    }

    /** @return array<string, mixed> */
    private function mark(Mark $mark): array
    {
        $judgement = $this->plan->build->judgementOf($mark);

        return [
            'end' => $mark->place->end->value, 'cut' => $mark->place->cut->value, 'core' => $mark->place->core, 'order' => $mark->order,
            'at' => $mark->at->toText(), 'min' => $mark->window()->min?->toText(), 'max' => $mark->window()->max?->toText(),
            'set' => [
                'millimetres' => self::set(SetMark::of($mark->at, $mark->window(), LengthUnit::Millimetre)),
                'inches' => self::set(SetMark::of($mark->at, $mark->window(), LengthUnit::Inch)),
            ],
            'from' => $this->fromEachDatum($mark),
            'tool' => $mark->tool, 'depth' => $mark->depth?->toText(), 'depthMeasured' => $mark->isDepthMeasured,
            'reason' => $mark->reason, 'working' => $this->reader->say($mark->working),
            'measured' => null === $judgement ? null : ['verdict' => $judgement->verdict->value, ...self::judgement($judgement)],
        ];
    }

    /** @return array<string, mixed> from the cable end */
    private static function otherMark(OtherMark $mark): array
    {
        return [
            'kind' => $mark->kind->value, 'end' => $mark->end->value, 'onCores' => $mark->isOnCores, 'name' => $mark->name,
            'at' => $mark->at->toText(), 'to' => $mark->to?->toText(), 'hand' => $mark->hand->toText(), 'reason' => $mark->reason,
        ];
    }

    /** @return array{at: string, min: string, max: string, needs: string|null} */
    private static function set(SetMark $set): array
    {
        return ['at' => $set->at, 'min' => $set->from, 'max' => $set->to, 'needs' => $set->needs?->value];
    }

    /** @return array<string, string> */
    private function fromEachDatum(Mark $mark): array
    {
        $places = [];
        foreach (null === $this->plan->markOut ? [] : SeenMark::fromEach($this->plan->markOut, $this->plan->build, $mark) as $seen) {
            $places[$seen->datum->value] = $seen->at->toText();
        }

        return $places;
    }

    /** @return array<string, mixed> */
    private function side(ParkingSide $side): array
    {
        return [
            'end' => $side->end->value, 'onCores' => $side->isOnCores, 'needed' => $side->needed->toText(),
            'free' => $side->free?->toText(), 'spare' => $side->spare()?->toText(),
            'items' => array_map(
                fn (Item $item): array => [
                    'key' => $item->key, 'name' => $item->name, 'length' => $this->plan->job->size?->stockOf($item)?->length()?->toText(),
                ],
                $side->items,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function interval(Interval $interval): array
    {
        return [
            'key' => $interval->key(), 'end' => $interval->end?->value, 'from' => $interval->from->toText(),
            'to' => $interval->to->toText(),
            'radius' => $interval->radius->toText(), 'standing' => $interval->standing->value,
        ];
    }
}
