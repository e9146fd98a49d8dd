<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Temperature;

/** What was found at one cable end: readings layer by layer, walls, condition, warmth, and how much of it is left to work with. */
final readonly class AsFound
{
    /** @var array<string, MeasuredDiameter> by LayerKind value */
    private array $diameters;

    /**
     * @param array<string, non-empty-list<Reading>> $readings   by LayerKind value
     * @param list<Reading>                          $walls      thickness of the insulation, round one section
     * @param array<string, bool>                    $conditions by Condition value: is it so? Absent: not looked
     */
    private function __construct(
        public array $readings,
        public array $walls,
        public array $conditions,
        /** Of the cable's surface, where it will be opened. */
        public ?Temperature $surface,
        /** Cable that can still be pulled or cut back. */
        public ?Reading $slack,
        /** Where the end lies, in a few words. */
        public string $position,
        public Seen $seen,
    ) {
        $this->diameters = array_map(MeasuredDiameter::of(...), $readings);
    }

    public static function nothing(): self
    {
        return self::of([]);
    }

    /**
     * @param array<string, list<Reading>> $readings by LayerKind value
     *
     * @throws LayersCross when an outer layer reads no larger than an inner one
     */
    public static function of(array $readings): self
    {
        return self::sheet($readings, [], [], null, null, '', Seen::nothing());
    }

    /**
     * @param array<string, list<Reading>> $readings   by LayerKind value
     * @param list<Reading>                $walls
     * @param array<string, bool>          $conditions by Condition value
     *
     * @throws LayersCross when an outer layer reads no larger than an inner one
     */
    public static function sheet(
        array $readings, array $walls, array $conditions, ?Temperature $surface, ?Reading $slack, string $position, Seen $seen,
    ): self {
        $asFound = new self(
            array_filter($readings, static fn (array $ofLayer): bool => [] !== $ofLayer),
            $walls,
            $conditions,
            $surface,
            $slack,
            $position,
            $seen,
        );
        $asFound->ensureOrdered();

        return $asFound;
    }

    public function diameterOver(LayerKind $kind): ?MeasuredDiameter
    {
        return $this->diameters[$kind->value] ?? null;
    }

    public function wall(): ?MeasuredWall
    {
        return [] === $this->walls ? null : MeasuredWall::of($this->walls);
    }

    /** Null: not looked. */
    public function isSo(Condition $condition): ?bool
    {
        return $this->conditions[$condition->value] ?? null;
    }

    private function ensureOrdered(): void
    {
        $inner = null;
        foreach (LayerKind::cases() as $kind) {
            $diameter = $this->diameterOver($kind);
            if (null === $diameter) {
                continue;
            }
            Construction::ensurePlausible($kind, $diameter->mean);
            if (null !== $inner && $diameter->mean->isAtMost($inner[1]->mean)) {
                throw LayersCross::diameters($inner[0], $inner[1]->mean, $kind, $diameter->mean);
            }
            $inner = [$kind, $diameter];
        }
    }
}
