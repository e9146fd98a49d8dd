<?php

declare(strict_types=1);

namespace Berm\Core\Profile;

use Berm\Core\Margin\Cause;
use Berm\Core\Material\Bundle;
use Berm\Core\Place\Place;

/** A stretch of the axis over which nothing begins or ends: what shows of the cable there, and what lies on it. */
final readonly class Stretch
{
    /** @param list<Coat> $coats in the order in which they are set */
    public function __construct(
        /** On the axis, nominally, in nanometres. */
        public int $from,
        public int $to,
        /** A layer of the cable, or the connector. */
        public Place $base,
        public Dim $bare,
        /** Three cores lie together under it. */
        public ?self $cores,
        public array $coats,
    ) {
    }

    public function length(): int
    {
        return $this->to - $this->from;
    }

    public function middle(): float
    {
        return ($this->from + $this->to) / 2;
    }

    /** Over so many coats; all of them if not said. */
    public function outside(Turn $turn, ?int $coats = null): float
    {
        $diameter = $this->bareOutside($turn);
        foreach ($this->coats as $i => $coat) {
            if ($i === $coats) {
                break;
            }
            $diameter = $coat->layering->outside($diameter, $turn);
        }

        return $diameter;
    }

    /** @return array<string, Cause> by their id, of what shows and of so many coats */
    public function causes(?int $coats = null): array
    {
        $causes = $this->bare->causes + (null === $this->cores ? [] : $this->cores->causes());
        foreach (null === $coats ? $this->coats : \array_slice($this->coats, 0, $coats) as $coat) {
            $causes += $coat->layering->causes();
        }

        return $causes;
    }

    /**
     * Only the coats of items that are there at a moment.
     *
     * @param array<string, true> $present by item key
     */
    public function asOf(array $present): self
    {
        $coats = array_values(array_filter($this->coats, static fn (Coat $coat): bool => isset($present[$coat->placed->item->key])));

        return new self($this->from, $this->to, $this->base, $this->bare, $this->cores?->asOf($present), $coats);
    }

    /**
     * How thick it is at most, with only the coats of items that are there at a moment: as it was laid, up to the first that is not there.
     *
     * @param array<string, true> $present by item key
     */
    public function mostAsOf(array $present): float
    {
        $bare = null === $this->cores ? $this->bare->most : Bundle::diameter($this->cores->mostAsOf($present), 3);
        $most = $bare;
        $isAsLaid = $bare === ($this->coats[0]->mostBeneath ?? $bare);
        foreach ($this->coats as $coat) {
            if (isset($present[$coat->placed->item->key])) {
                $most = $isAsLaid ? $coat->mostOutside : $coat->layering->outside($most, Turn::most());
            } else {
                $isAsLaid = false;
            }
        }

        return $most;
    }

    /** How many coats lie beneath that of an item; null where it does not lie here. */
    public function depthOf(string $item): ?int
    {
        foreach ($this->coats as $i => $coat) {
            if ($coat->placed->item->key === $item) {
                return $i;
            }
        }

        return null;
    }

    /** @param list<Coat> $coats in the order in which they are set */
    public function with(array $coats): self
    {
        return new self($this->from, $this->to, $this->base, $this->bare, $this->cores, $coats);
    }

    private function bareOutside(Turn $turn): float
    {
        return null === $this->cores ? $this->bare->at($turn) : Bundle::diameter($this->cores->outside($turn), 3);
    }
}
