<?php

declare(strict_types=1);

namespace Berm\Core\Margin;

use Berm\Core\Quantity\Length;

/**
 * A length, or a place along an axis, that is not exact: what it is nominally, and which causes move it by how much.
 *
 * It is affine in its causes, or the largest, the smallest or either of several that are.
 */
final readonly class Locus
{
    /**
     * @param array<string, float> $shares how much of a cause it takes, by the cause's id: all of it, half, or the other way round
     * @param array<string, Cause> $causes by their id; empty where it has arms
     * @param list<self>           $arms
     */
    private function __construct(
        public Length $nominal, private array $shares, private array $causes, private ?Pick $pick, private array $arms,
    ) {
    }

    public static function exact(Length $length): self
    {
        return new self($length, [], [], null, []);
    }

    public static function moved(Length $nominal, Cause ...$causes): self
    {
        $shares = $byId = [];
        foreach ($causes as $cause) {
            if (!$cause->isNone()) {
                $shares[$cause->id] = 1.0;
                $byId[$cause->id] = $cause;
            }
        }

        return new self($nominal, $shares, $byId, null, []);
    }

    /** An arm that can never be the largest is left out. */
    public static function largest(self $first, self ...$others): self
    {
        return self::picked(Pick::Largest, [$first, ...array_values($others)]);
    }

    public static function smallest(self $first, self ...$others): self
    {
        return self::picked(Pick::Smallest, [$first, ...array_values($others)]);
    }

    /** @param self $nominally which of both it is with every cause at rest */
    public static function either(self $nominally, self $other): self
    {
        return new self($nominally->nominal, [], [], Pick::Either, [$nominally, $other]);
    }

    public function plus(self $other): self
    {
        if (null !== $this->pick) {
            return $this->throughArms(static fn (self $arm): self => $arm->plus($other));
        }
        if (null !== $other->pick) {
            return $other->throughArms(fn (self $arm): self => $arm->plus($this));
        }

        return $this->sum($other, 1.0, $this->nominal->plus($other->nominal));
    }

    public function minus(self $other): self
    {
        return null === $this->pick && null === $other->pick
            ? $this->sum($other, -1.0, $this->nominal->minus($other->nominal))
            : $this->plus($other->negated());
    }

    public function negated(): self
    {
        return $this->times(-1.0);
    }

    /** The nominal to the nearest nanometre. */
    public function times(float $factor): self
    {
        $nominal = Length::ofNanometres((int) round($factor * $this->nominal->nanometres));
        if (null !== $this->pick) {
            $arms = array_map(static fn (self $arm): self => $arm->times($factor), $this->arms);

            return new self($nominal, [], [], $factor < 0 ? $this->pick->mirrored() : $this->pick, $arms);
        }
        $shares = $this->shares;
        foreach ($shares as $id => $share) {
            $shares[$id] = $factor * $share;
        }

        return new self($nominal, 0.0 === $factor ? [] : $shares, $this->causes, null, []);
    }

    /** Of two without arms. */
    private function sum(self $other, float $sign, Length $nominal): self
    {
        if ([] === $other->shares) {
            return new self($nominal, $this->shares, $this->causes, null, []);
        }
        $shares = $this->shares;
        foreach ($other->shares as $id => $share) {
            $sum = ($shares[$id] ?? 0.0) + $sign * $share;
            // What both take in full against each other is gone.
            if (0.0 === $sum) {
                unset($shares[$id]);
            } else {
                $shares[$id] = $sum;
            }
        }

        return new self($nominal, $shares, [] === $this->causes ? $other->causes : $this->causes + $other->causes, null, []);
    }

    public function movedBy(Length $shift): self
    {
        return null === $this->pick
            ? new self($this->nominal->plus($shift), $this->shares, $this->causes, null, [])
            : $this->plus(self::exact($shift));
    }

    /** With another cause. */
    public function with(Cause $cause): self
    {
        return $cause->isNone() ? $this : $this->plus(self::moved(Length::ofNanometres(0), $cause));
    }

    /** The least that it can be, every cause at its worst; in nanometres. */
    public function least(): float
    {
        if (null !== $this->pick) {
            $each = array_map(static fn (self $arm): float => $arm->least(), $this->arms);

            return Pick::Largest === $this->pick ? max([-\INF, ...$each]) : min([\INF, ...$each]);
        }
        $least = (float) $this->nominal->nanometres;
        foreach ($this->shares as $id => $share) {
            $least += $share * ($share > 0.0 ? $this->causes[$id]->least : $this->causes[$id]->most)->nanometres;
        }

        return $least;
    }

    public function most(): float
    {
        if (null !== $this->pick) {
            return -$this->negated()->least();
        }
        $most = (float) $this->nominal->nanometres;
        foreach ($this->shares as $id => $share) {
            $most += $share * ($share > 0.0 ? $this->causes[$id]->most : $this->causes[$id]->least)->nanometres;
        }

        return $most;
    }

    /** The least and the most that it can be, to the nanometre outside. */
    public function leastLength(): Length
    {
        return Length::ofNanometres((int) round($this->least()));
    }

    public function mostLength(): Length
    {
        return Length::ofNanometres((int) round($this->most()));
    }

    /** @return array<string, Effect> by the id of their cause; of one with arms, those of the arm that counts nominally */
    public function effects(): array
    {
        foreach ($this->arms as $arm) {
            if ($arm->nominal->equals($this->nominal)) {
                return $arm->effects();
            }
        }
        $effects = [];
        foreach ($this->shares as $id => $share) {
            $effects[$id] = new Effect($this->causes[$id], $share);
        }

        return $effects;
    }

    /** How much of a cause it takes; with arms, the arm that counts nominally. */
    public function shareOf(string $cause): float
    {
        foreach ($this->arms as $arm) {
            if ($arm->nominal->equals($this->nominal)) {
                return $arm->shareOf($cause);
            }
        }

        return $this->shares[$cause] ?? 0.0;
    }

    /** @return list<Cause> whatever can move it */
    public function causes(): array
    {
        return null === $this->pick
            ? array_values(array_intersect_key($this->causes, $this->shares))
            : array_merge(...array_map(static fn (self $arm): array => $arm->causes(), $this->arms));
    }

    /** @return list<self> it lies above a limit where each of these does: the arms of the smallest, or itself */
    public function eachAbove(): array
    {
        return null === $this->pick || Pick::Largest === $this->pick
            ? [$this]
            : array_merge(...array_map(static fn (self $arm): array => $arm->eachAbove(), $this->arms));
    }

    /** @return list<self> it lies below a limit where each of these does: the arms of the largest, or itself */
    public function eachBelow(): array
    {
        return array_map(static fn (self $arm): self => $arm->negated(), $this->negated()->eachAbove());
    }

    public function isExact(): bool
    {
        return null === $this->pick && [] === $this->shares;
    }

    /**
     * How far it lies above $limit: nominally, at the worst and likely.
     *
     * Of the largest of several, the arm that has most left counts at the worst: no more is certain; of the smallest, and of either, the
     * one that has least.
     */
    public function above(Length $limit): Margin
    {
        if (null === $this->pick) {
            return Margin::ofEffects((float) $this->nominal->minus($limit)->nanometres, array_values($this->effects()));
        }
        $margins = array_map(static fn (self $arm): Margin => $arm->above($limit), $this->arms);
        \assert([] !== $margins);

        return Pick::Largest === $this->pick
            ? Margin::best(...$margins)
            : Margin::leastOf(...$margins)->nominally((float) $this->nominal->minus($limit)->nanometres);
    }

    public function below(Length $limit): Margin
    {
        return $this->negated()->above($limit->negated());
    }

    /** @param \Closure(self): self $change that keeps the order of the arms */
    private function throughArms(\Closure $change): self
    {
        $arms = array_map($change, $this->arms);

        return new self(self::nominalOf($this->pick ?? Pick::Either, $arms), [], [], $this->pick, $arms);
    }

    /** @param non-empty-list<self> $arms */
    private static function picked(Pick $pick, array $arms): self
    {
        $floor = max(array_map(static fn (self $arm): float => Pick::Largest === $pick ? $arm->least() : -$arm->most(), $arms));
        $open = array_values(array_filter(
            $arms, static fn (self $arm): bool => (Pick::Largest === $pick ? $arm->most() : -$arm->least()) >= $floor,
        ));
        \assert([] !== $open);

        return 1 === \count($open) ? $open[0] : new self(self::nominalOf($pick, $open), [], [], $pick, $open);
    }

    /** @param list<self> $arms */
    private static function nominalOf(Pick $pick, array $arms): Length
    {
        $nominals = array_map(static fn (self $arm): Length => $arm->nominal, $arms);
        \assert([] !== $nominals);

        return match ($pick) {
            Pick::Largest => Length::largest(...$nominals),
            Pick::Smallest => Length::smallest(...$nominals),
            Pick::Either => $nominals[0],
        };
    }
}
