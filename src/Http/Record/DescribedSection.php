<?php

declare(strict_types=1);

namespace App\Http\Record;

use Berm\Core\Quantity\Length;

/**
 * What the core says of a section (Wire\SectionJson), as paper needs it.
 *
 * @phpstan-type Values array<string, mixed>
 */
final readonly class DescribedSection
{
    /** What comes as a whole and has no wall that its sheet says, is drawn so thick, as a part of the largest radius. */
    private const UNSAID = 0.035;

    /**
     * @param list<DescribedCut> $cuts
     * @param list<Values>       $layers
     * @param list<Values>       $items
     * @param Values             $connector
     */
    private function __construct(
        public float $from, public float $to, public array $cuts, private array $layers, private array $items, private array $connector,
    ) {
    }

    /** @param Values $section */
    public static function of(array $section): self
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
        );
    }

    /** @return non-empty-list<DescribedLane> the cable before the core, where it has three */
    public function lanes(): array
    {
        $isOfCable = static fn (array $one): bool => false === $one['perCore'];
        $hasThree = [] !== array_filter($this->layers, static fn (array $one): bool => true === $one['perCore'])
            && [] !== array_filter($this->layers, $isOfCable);

        return $hasThree
            ? [$this->lane($isOfCable, false), $this->lane(static fn (array $one): bool => !$isOfCable($one), true)]
            : [$this->lane(static fn (): bool => true, true)];
    }

    /** @param \Closure(Values): bool $isHere */
    private function lane(\Closure $isHere, bool $hasConnector): DescribedLane
    {
        $layers = array_values(array_filter($this->layers, $isHere));
        $radii = array_map(static fn (array $one): float => self::number($one, 'radiusMm'), [
            ...$layers, ...($hasConnector ? [$this->connector] : []),
        ]);
        $wall = self::UNSAID * max(1.0, ...$radii);
        $items = $unsaid = [];
        $own = array_values(array_filter($this->items, $isHere));
        foreach ($own as $item) {
            $body = self::item($item, $unsaid, $wall);
            $items = null === $body ? $items : [...$items, $body];
            $unsaid = null !== $body && self::isUnsaid($item) ? [...$unsaid, $item] : $unsaid;
        }
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

        return new DescribedLane($bodies, max(1.0, ...$reach));
    }

    /**
     * @param Values       $item
     * @param list<Values> $beneath those without a wall that is said
     */
    private static function item(array $item, array $beneath, float $wall): ?DescribedBody
    {
        $isUnsaid = self::isUnsaid($item);
        $edges = array_merge([], ...array_map(
            static fn (array $one): array => [self::number($one, 'fromMm'), self::number($one, 'toMm')], $beneath,
        ));
        $steps = [];
        foreach (self::entries($item['outline']) as $one) {
            foreach (self::split(self::number($one, 'fromMm'), self::number($one, 'toMm'), $edges) as [$from, $to]) {
                $under = array_filter($beneath, static fn (array $other): bool => self::number($other, 'fromMm') <= ($from + $to) / 2
                    && ($from + $to) / 2 <= self::number($other, 'toMm'));
                $steps[] = [$from, $to, self::number($one, 'outsideMm') + $wall * (\count($under) + ($isUnsaid ? 1 : 0))];
            }
        }
        $isThick = $isUnsaid || [] !== array_filter(self::entries($item['outline']), self::isThick(...));
        $isWhole = \in_array($item['nature'], ['tube', 'body'], true);

        return [] === $steps || !$isThick ? null : new DescribedBody(
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

    /** @param Values $item */
    private static function isUnsaid(array $item): bool
    {
        return \in_array($item['nature'], ['tube', 'body', 'pushed', 'moulded'], true) && [] === array_filter(
            self::entries($item['outline']), self::isThick(...),
        );
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
