<?php

declare(strict_types=1);

namespace App\Paper\Section;

use Berm\Core\Quantity\Length;

/**
 * What the core says of a section (Wire\SectionJson), as paper needs it.
 *
 * @phpstan-type Values array<string, mixed>
 */
final readonly class DescribedSection
{
    /**
     * @param list<DescribedCut> $cuts
     * @param list<Values>       $layers
     * @param list<Values>       $items
     * @param Values             $connector
     * @param list<self>         $otherwise the other cores on which something lies elsewhere
     */
    private function __construct(
        public float $from, public float $to, public array $cuts, private array $layers, private array $items, private array $connector,
        private string $cores, private array $otherwise,
    ) {
    }

    /** @param Values $section */
    public static function of(array $section): self
    {
        $cores = [self::number($section, 'core')];
        $otherwise = [];
        foreach (self::entries($section['otherCores'] ?? []) as $other) {
            $lies = self::entries([$other['lies']])[0] ?? null;
            $cores = [...$cores, ...null === $lies ? [self::number($other, 'core')] : []];
            $otherwise = [...$otherwise, ...null === $lies ? [] : [self::lying($lies, [self::number($other, 'core')], [])]];
        }

        return self::lying($section, $cores, $otherwise);
    }

    /**
     * @param Values      $section
     * @param list<float> $cores     on which it lies so
     * @param list<self>  $otherwise
     */
    private static function lying(array $section, array $cores, array $otherwise): self
    {
        [$layers, $items, $cuts] = array_map(
            static fn (string $list): array => self::entries($section[$list] ?? []), ['layers', 'items', 'cuts'],
        );
        usort($cuts, static fn (array $one, array $other): int => self::number($one, 'axisMm') <=> self::number($other, 'axisMm'));
        $items = array_values(array_filter($items, static fn (array $one): bool => null === $one['offStage']));
        $connector = self::entries([$section['connector'] ?? null])[0] ?? [];
        $ends = [...$layers, ...$items, $connector];

        return new self(
            min(array_map(static fn (array $one): float => self::number($one, 'fromMm'), $ends)),
            max(array_map(static fn (array $one): float => self::number($one, 'toMm'), $ends)),
            array_map(self::cut(...), $cuts), $layers, $items, $connector,
            (1 === \count($cores) ? 'core ' : 'cores ').implode(', ', $cores), $otherwise,
        );
    }

    /** @return non-empty-list<DescribedLane> the cable before the cores, where it has three; cores that are alike in one */
    public function lanes(): array
    {
        $isOfCable = static fn (array $one): bool => false === $one['perCore'];
        $hasThree = [] !== array_filter($this->layers, static fn (array $one): bool => true === $one['perCore'])
            && [] !== array_filter($this->layers, $isOfCable);

        return $hasThree
            ? [
                $this->lane('cable', $isOfCable, false), $this->ofCore(), ...array_map(
                    static fn (self $core): DescribedLane => $core->ofCore(), $this->otherwise,
                ),
            ]
            : [$this->lane('', static fn (): bool => true, true)];
    }

    private function ofCore(): DescribedLane
    {
        return $this->lane($this->cores, static fn (array $one): bool => false !== $one['perCore'], true);
    }

    /** @param \Closure(Values): bool $isHere */
    private function lane(string $name, \Closure $isHere, bool $hasConnector): DescribedLane
    {
        $layers = $this->goingOn(array_values(array_filter($this->layers, $isHere)));
        $own = array_values(array_filter($this->items, $isHere));
        $items = array_values(array_filter(array_map(self::item(...), $own)));
        $cores = $hasConnector ? null : self::cores($own);
        usort($layers, static fn (array $one, array $other): int => self::number($other, 'radiusMm') <=> self::number($one, 'radiusMm'));
        $cable = array_map(static fn (array $one): DescribedBody => self::block($one, self::text($one, 'key')), $layers);
        $isConductor = static fn (DescribedBody $one): bool => 'conductor' === $one->pattern;
        $bodies = [
            ...array_reverse($items), ...(null === $cores ? [] : [$cores]),
            ...array_filter($cable, static fn (DescribedBody $one): bool => !$isConductor($one)),
            ...($hasConnector ? [self::block($this->connector, 'connector')] : []), ...array_filter($cable, $isConductor),
        ];
        $reach = array_merge(...array_map(static fn (DescribedBody $one): array => array_column($one->steps, 2), $bodies));

        return new DescribedLane($name, $bodies, max(1.0, ...$reach));
    }

    /**
     * @param list<Values> $layers each where nothing covers it
     *
     * @return list<Values> each from its edge on to where the cable leaves the drawing: it goes on beneath what covers it
     */
    private function goingOn(array $layers): array
    {
        $isJoint = [] !== array_filter($this->layers, static fn (array $one): bool => 'B' === $one['end']);
        [$least, $most] = [\INF, -\INF];
        foreach ($layers as $one) {
            $least = min($least, self::number($one, 'fromMm'));
            $most = max($most, self::number($one, 'toMm'));
        }

        return array_map(static fn (array $one): array => $isJoint && 'A' === $one['end']
            ? [...$one, 'fromMm' => $least]
            : [...$one, 'toMm' => $most], $layers);
    }

    /** @param Values $item */
    private static function item(array $item): ?DescribedBody
    {
        $outline = self::entries($item['drawn'] ?? $item['outline']);
        $isWhole = \in_array($item['nature'], ['tube', 'body'], true);

        $steps = array_map(static fn (array $one): array => [
            self::number($one, 'fromMm'), self::number($one, 'toMm'), self::number($one, 'outsideMm'),
        ], $outline);

        return [] === $steps || [] === array_filter($outline, self::isThick(...)) ? null : new DescribedBody(
            self::text($item, 'name'), self::pattern($item), $steps, true,
            $isWhole ? self::number($item, 'toMm') - self::number($item, 'fromMm') : null,
        );
    }

    /**
     * @param list<float> $edges
     *
     * @return list<array{float, float}>
     */
    private static function split(float $from, float $to, array $edges): array
    {
        $within = array_filter($edges, static fn (float $edge): bool => $from < $edge && $edge < $to);
        sort($within);
        $parts = [];
        foreach ([...$within, $to] as $edge) {
            $parts[] = [$from, $edge];
            $from = $edge;
        }

        return $parts;
    }

    /**
     * What lies beneath everything that goes round all three cores: the cores themselves, as one.
     *
     * @param list<Values> $items of the cable's lane
     */
    private static function cores(array $items): ?DescribedBody
    {
        $stretches = array_filter(
            array_merge([], ...array_map(static fn (array $one): array => self::entries($one['outline']), $items)),
            self::isThick(...),
        );
        $ends = array_merge([], ...array_values(array_map(
            static fn (array $one): array => [self::number($one, 'fromMm'), self::number($one, 'toMm')], $stretches,
        )));
        $steps = [];
        foreach ([] === $ends ? [] : self::split(min($ends), max($ends), $ends) as [$from, $to]) {
            $here = array_filter($stretches, static fn (array $one): bool => self::number($one, 'fromMm') <= ($from + $to) / 2
                && ($from + $to) / 2 <= self::number($one, 'toMm'));
            $insides = array_map(static fn (array $one): float => self::number($one, 'insideMm'), $here);
            $steps = [] === $insides ? $steps : [...$steps, [$from, $to, min($insides)]];
        }

        return [] === $steps ? null : new DescribedBody('three cores', 'plain', $steps, false, null);
    }

    /** @param Values $stretch */
    private static function isThick(array $stretch): bool
    {
        return self::number($stretch, 'outsideMm') > self::number($stretch, 'insideMm');
    }

    /** @param Values $item by what it does electrically, and whether it is wound and soft */
    private static function pattern(array $item): string
    {
        $isSoft = \in_array($item['nature'], ['wrap', 'zone'], true);

        return match ($item['class']) {
            'metal' => 'hatch',
            'semiconducting' => 'dots',
            'grading' => $isSoft ? 'waves' : 'crosses',
            'insulating' => $isSoft ? 'waves' : 'strokes',
            default => 'plain',
        };
    }

    /** @param Values $one */
    private static function block(array $one, string $pattern): DescribedBody
    {
        $step = [self::number($one, 'fromMm'), self::number($one, 'toMm'), self::number($one, 'radiusMm')];

        return new DescribedBody(self::text($one, 'name'), $pattern, [$step], false, null);
    }

    /** @param Values $cut */
    private static function cut(array $cut): DescribedCut
    {
        $planned = $cut['plannedAxisMm'];

        return new DescribedCut(
            self::number($cut, 'axisMm'), \is_int($planned) || \is_float($planned) ? (float) $planned : null,
            Length::ofNanometres((int) round(self::number($cut, 'fromEndMm') * 1e6)), self::text($cut, 'standing'),
        );
    }

    /** @return list<Values> */
    private static function entries(mixed $list): array
    {
        /** @var list<Values> $entries */
        $entries = array_values(array_filter(\is_array($list) ? $list : [], \is_array(...)));

        return $entries;
    }

    /** @param Values $of */
    private static function number(array $of, string $key): float
    {
        $number = $of[$key] ?? 0;

        return \is_int($number) || \is_float($number) ? (float) $number : 0.0;
    }

    /** @param Values $of */
    private static function text(array $of, string $key): string
    {
        return \is_string($of[$key] ?? null) ? $of[$key] : '';
    }
}
