<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** When in the work each item waits, comes to its place and comes off, and when the connector goes on; as places in one row. */
final readonly class Sequence
{
    /** Room for so many deeds in a stage. */
    private const A_STAGE = 1000;

    /**
     * @param array<string, int> $parked by item key
     * @param array<string, int> $set    by item key
     * @param array<string, int> $off    by item key
     */
    private function __construct(
        private array $parked, private array $set, private array $off, public int $connector, private int $stages,
    ) {
    }

    /**
     * Where a leaflet has no stages: park, cut, fit the connector, then every item in its order (trade skeleton P3 to P15).
     *
     * @param array<string, Item> $items
     * @param list<Stage>         $stages
     */
    public static function of(array $items, array $stages): self
    {
        $parked = $set = $off = [];
        $connector = 1;
        foreach ($stages as $i => $stage) {
            foreach ($stage->parks as $j => $key) {
                $parked[$key] ??= $i * self::A_STAGE + $j;
            }
            $connector = $stage->fitsConnector ? $i * self::A_STAGE + 500 : $connector;
            foreach ($stage->installs as $j => $key) {
                $set[$key] ??= $i * self::A_STAGE + ($stage->fitsConnector ? 501 : 100) + $j;
            }
            foreach ($stage->takesOff as $key) {
                $off[$key] = $i * self::A_STAGE + 900;
            }
        }
        $last = \count($stages) * self::A_STAGE + 2;
        foreach (array_keys($items) as $key) {
            $set[$key] ??= $last++;
        }

        return new self($parked, $set, $off, $connector, \count($stages));
    }

    public function parked(Item $item): int
    {
        return $this->parked[$item->key] ?? 0;
    }

    public function set(Item $item): int
    {
        return $this->set[$item->key] ?? \PHP_INT_MAX;
    }

    /** The stage in which it comes to its place, from 0; null where the sheet has no stages. */
    public function stageOf(Item $item): ?int
    {
        $at = $this->set[$item->key] ?? null;

        return null === $at || $at >= $this->stages * self::A_STAGE ? null : intdiv($at, self::A_STAGE);
    }

    /** The stage in which it comes off again; null where it stays. */
    public function stageOff(Item $item): ?int
    {
        $at = $this->off[$item->key] ?? null;

        return null === $at ? null : intdiv($at, self::A_STAGE);
    }

    /** The stage in which the connector goes on; null where the sheet has no stages. */
    public function stageOfConnector(): ?int
    {
        return 0 === $this->stages ? null : intdiv($this->connector, self::A_STAGE);
    }

    /** It has been taken off by the end of the work. */
    public function isTemporary(Item $item): bool
    {
        return isset($this->off[$item->key]);
    }

    /**
     * Those that lie in their places at a moment.
     *
     * @param array<string, Item> $items
     *
     * @return array<string, true> by item key
     */
    public function present(array $items, int $moment): array
    {
        return array_fill_keys(array_keys(array_filter($items, fn (Item $item): bool => $this->isThere($item, $moment))), true);
    }

    /** It lies in its place at that moment. */
    public function isThere(Item $item, int $moment): bool
    {
        return $this->set($item) < $moment && $moment < ($this->off[$item->key] ?? \PHP_INT_MAX);
    }
}
