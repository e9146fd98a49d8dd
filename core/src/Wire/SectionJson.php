<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Electric\ScreenedField;
use Berm\Core\Job\AsPlanned;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Margin\Loss;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Profile\Profile;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\CutPoint;
use Berm\Core\Section\Interval;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Ruling;
use Berm\Core\Section\Section;

/** The section as the page draws it: bodies with their outlines, each from the stage in which it is there; nothing is left to work out. */
final readonly class SectionJson
{
    /** So many causes of a margin are told; the rest are small. */
    private const CAUSES = 5;

    /** @param array<string, CableEnd> $cables by End value */
    private function __construct(
        private Section $section, private ?KitSheet $sheet, private array $cables, private ?AsPlanned $planned,
    ) {
    }

    /** @return array<string, mixed>|null */
    public static function of(Plan $plan): ?array
    {
        return null === $plan->section ? null : (new self(
            $plan->section, $plan->sheet, $plan->job->cables, AsPlanned::of($plan),
        ))->whole();
    }

    /** @return array<string, mixed> */
    private function whole(): array
    {
        return [
            'core' => $this->section->core,
            'layers' => array_map($this->layer(...), $this->section->layers),
            'connector' => self::interval($this->section->connector),
            'connectorStage' => $this->sheet?->sequence->stageOfConnector(),
            'items' => array_map($this->item(...), $this->section->items),
            'cuts' => array_map($this->cut(...), $this->section->cuts),
            'rules' => array_map(self::ruling(...), $this->section->rulings),
        ];
    }

    /** @return array<string, mixed> with whether it is on each core, or goes round all three */
    private function layer(Interval $interval): array
    {
        $cable = $this->cables[$interval->end->value ?? ''] ?? null;
        $isOfCore = Cores::Three !== $cable?->cores() || false !== Cut::tryFrom($interval->key())?->isOfCore();

        return [...self::interval($interval), 'perCore' => $isOfCore, 'field' => $this->field($interval, $cable)];
    }

    /** @return array<string, float>|null of the insulation, where its screen lies on it */
    private function field(Interval $interval, ?CableEnd $cable): ?array
    {
        $field = LayerKind::Insulation->value === $interval->key() && null !== $cable ? ScreenedField::of($cable) : null;
        $screens = array_filter($this->section->layers, static fn (Interval $one): bool => $one->end === $interval->end
            && LayerKind::InsulationScreen->value === $one->key());
        $screen = array_values($screens)[0] ?? null;

        return null === $field || null === $screen ? null : [
            'fromMm' => $screen->from->inMillimetres(), 'toMm' => $screen->to->inMillimetres(), 'voltageKv' => round($field->voltage, 1),
            'insideKvPerMm' => round($field->inside, 2), 'outsideKvPerMm' => round($field->outside, 2),
        ];
    }

    /** @return array<string, mixed> */
    private static function interval(Interval $interval): array
    {
        return [
            'key' => $interval->key(),
            'name' => $interval->name,
            'end' => $interval->end?->value,
            'fromMm' => $interval->from->inMillimetres(),
            'toMm' => $interval->to->inMillimetres(),
            'radiusMm' => $interval->radius->inMillimetres(),
            'standing' => $interval->standing->value,
        ];
    }

    /** @return array<string, mixed> */
    private function cut(CutPoint $cut): array
    {
        $stage = null;
        foreach ($this->sheet->stages ?? [] as $i => $one) {
            $stage ??= $one->makes($cut->place->cut, $cut->place->end) ? $i : null;
        }

        return [
            'end' => $cut->place->end->value, 'cut' => $cut->place->cut->value, 'core' => $cut->place->core,
            'axisMm' => $cut->onAxis->inMillimetres(),
            'plannedAxisMm' => $this->planned?->cut($cut->place, $cut->onAxis)?->inMillimetres(),
            'fromEndMm' => $cut->fromEnd->inMillimetres(), 'standing' => $cut->standing->value,
            'stage' => $stage,
        ];
    }

    /** @return array<string, mixed> */
    private function item(PlacedItem $placed): array
    {
        $item = $placed->item;
        $planned = $this->planned?->edges($placed);

        return [
            'key' => $item->key,
            'name' => $item->name,
            'nature' => $item->nature->value,
            'class' => $item->class->value,
            'end' => $placed->end?->value,
            'perCore' => $item->isPerCore,
            'fromMm' => $placed->from->nominal->inMillimetres(),
            'toMm' => $placed->to->nominal->inMillimetres(),
            'planned' => null === $planned ? null : ['fromMm' => $planned[0]->inMillimetres(), 'toMm' => $planned[1]->inMillimetres()],
            'stage' => $this->sheet?->sequence->stageOf($item),
            'offStage' => $this->sheet?->sequence->stageOff($item),
            'madeOf' => $this->sheet->stock[$item->stock]->name ?? '',
            'reason' => SentenceJson::of(Sentence::plain($item->reason)),
            'outline' => $this->outline($placed),
        ];
    }

    /** @return list<array<string, float>> stretch by stretch, those that are alike as one */
    private function outline(PlacedItem $placed): array
    {
        $profile = $this->section->profile;
        $outline = [];
        foreach (Profile::under($placed, $profile->lane($placed, $profile->core === $profile->cable)) as [$stretch, $i]) {
            $radii = ['insideMm' => round($stretch->coats[$i]->beneath / 2, 3), 'outsideMm' => round($stretch->coats[$i]->outside / 2, 3)];
            $last = array_pop($outline);
            $isAlike = null !== $last && $radii['insideMm'] === $last['insideMm'] && $radii['outsideMm'] === $last['outsideMm'];
            if (null !== $last && !$isAlike) {
                $outline[] = $last;
            }
            $outline[] = ['fromMm' => $isAlike ? $last['fromMm'] : $stretch->from / 1e6, 'toMm' => $stretch->to / 1e6, ...$radii];
        }

        return $outline;
    }

    /** @return array<string, mixed> */
    private static function ruling(Ruling $ruling): array
    {
        $worst = $ruling->worst();

        return [
            'item' => $ruling->place->item,
            'name' => $ruling->name,
            'end' => $ruling->place->where->end?->value,
            'core' => $ruling->place->where->core,
            'rule' => $ruling->place->rule->value,
            'of' => $ruling->place->of?->key,
            'valueMm' => $ruling->value->inMillimetres(),
            'minMm' => MarkOutJson::millimetres($ruling->window->min),
            'maxMm' => MarkOutJson::millimetres($ruling->window->max),
            'marginMm' => $ruling->margin->nominal->inMillimetres(),
            'worstMm' => $ruling->margin->worst->inMillimetres(),
            'likelyMm' => $ruling->margin->likely->inMillimetres(),
            'proof' => $ruling->proof()->value,
            'binding' => $ruling->isBinding,
            'reason' => SentenceJson::of($ruling->reason()),
            'worst' => null === $worst ? null : SentenceJson::of($worst),
            'causes' => array_map(self::cause(...), \array_slice($ruling->margin->losses, 0, self::CAUSES)),
        ];
    }

    /** @return array<string, mixed> */
    private static function cause(Loss $loss): array
    {
        return ['cause' => SentenceJson::of($loss->cause->inWords()), 'takesMm' => round($loss->nanometres / 1e6, 3)];
    }
}
