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
use Berm\Core\Place\Register;
use Berm\Core\Profile\Profile;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\CutPoint;
use Berm\Core\Section\Interval;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Ruling;
use Berm\Core\Section\Section;

/**
 * The section as the page draws it: bodies with their outlines, each from the stage in which it is there; nothing is left to work out.
 *
 * @phpstan-import-type Stretch from DrawnWalls
 */
final readonly class SectionJson
{
    /** So many causes of a margin are told; the rest are small. */
    private const CAUSES = 5;

    /** @param array<string, CableEnd> $cables by End value */
    private function __construct(
        private Section $section, private ?KitSheet $sheet, private array $cables, private ?AsPlanned $planned,
    ) {
    }

    private function on(Section $section): self
    {
        return new self($section, $this->sheet, $this->cables, $this->planned);
    }

    /** @return array<string, mixed>|null */
    public static function of(Plan $plan): ?array
    {
        if (null === $plan->section) {
            return null;
        }
        // Always in the same order, so that little changes when the work goes on to the next core.
        $cores = [$plan->section, ...$plan->otherCores];
        usort($cores, static fn (Section $one, Section $other): int => $one->core <=> $other->core);
        $first = array_shift($cores);
        $opened = new self($first, $plan->sheet, $plan->job->cables, AsPlanned::of($plan));

        return [
            'core' => $first->core,
            'atWork' => $plan->section->core,
            ...$opened->lies(),
            'connectorStage' => $plan->sheet?->sequence->stageOfConnector(),
            'otherCores' => array_map($opened->other(...), $cores),
            'rules' => array_map(self::ruling(...), self::rulings($first, $cores)),
        ];
    }

    /**
     * @param list<Section> $others
     *
     * @return list<Ruling> those of the opened core and of the cable, and what comes to something else on another core
     */
    private static function rulings(Section $opened, array $others): array
    {
        /** @var Register<Ruling> $known */
        $known = Register::empty();
        foreach ($opened->rulings as $ruling) {
            $known = $known->with($ruling->place->onWhicheverCore(), $ruling);
        }
        $otherwise = static fn (Ruling $ruling): bool => null !== $ruling->place->where->core
            && true !== $known->at($ruling->place->onWhicheverCore())?->comesToTheSameAs($ruling);
        $own = array_map(static fn (Section $other): array => $other->liesAs($opened) ? [] : array_filter(
            $other->rulings, $otherwise,
        ), $others);

        return array_merge($opened->rulings, ...$own);
    }

    /**
     * What lies where on a core, and on the cable.
     *
     * @return array{
     *     layers: list<array<string, mixed>>, connector: array<string, mixed>, items: list<array<string, mixed>>,
     *     cuts: list<array<string, mixed>>,
     * }
     */
    private function lies(): array
    {
        return [
            'layers' => array_map($this->layer(...), $this->section->layers),
            'connector' => self::interval($this->section->connector),
            'items' => $this->items(),
            'cuts' => array_map($this->cut(...), $this->section->cuts),
        ];
    }

    /** @return array<string, mixed> another core, and what lies where on it unless all lies as on this one; not what is of the cable */
    private function other(Section $core): array
    {
        if ($core->liesAs($this->section)) {
            return ['core' => $core->core, 'lies' => null];
        }
        $lies = $this->on($core)->lies();
        $isOfCore = static fn (array $one): bool => true === $one['perCore'];

        return ['core' => $core->core, 'lies' => [
            ...$lies,
            'layers' => array_values(array_filter($lies['layers'], $isOfCore)),
            'items' => array_values(array_filter($lies['items'], $isOfCore)),
            'cuts' => array_values(array_filter($lies['cuts'], static fn (array $one): bool => null !== $one['core'])),
        ]];
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

    /** @return list<array<string, mixed>> */
    private function items(): array
    {
        $radii = array_map(
            static fn (Interval $one): float => $one->radius->inMillimetres(), [...$this->section->layers, $this->section->connector],
        );
        $walls = new DrawnWalls(max($radii));

        return array_map(fn (PlacedItem $placed): array => $this->item($placed, $walls), $this->section->items);
    }

    /** @return array<string, mixed> */
    private function item(PlacedItem $placed, DrawnWalls $walls): array
    {
        $item = $placed->item;
        $planned = $this->planned?->edges($placed);
        $outline = $this->outline($placed);

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
            'outline' => $outline,
            'wallSaid' => DrawnWalls::isSaid($placed, $outline),
            'drawn' => $walls->next($placed, $outline),
        ];
    }

    /** @return list<Stretch> stretch by stretch, those that are alike as one */
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
