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
     * @param array<string, Effect> $effects by the id of their cause; empty where it has arms
     * @param list<self>            $arms
     */
    private function __construct(public Length $nominal, private array $effects, private ?Pick $pick, private array $arms)
    {
    }

    public static function exact(Length $length): self
    {
        return new self($length, [], null, []);
    }

    public static function moved(Length $nominal, Cause ...$causes): self
    {
        $effects = [];
        foreach ($causes as $cause) {
            $effects += $cause->isNone() ? [] : [$cause->id => new Effect($cause, 1.0)];
        }

        return new self($nominal, $effects, null, []);
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
        return new self($nominally->nominal, [], Pick::Either, [$nominally, $other]);
    }

    public function plus(self $other): self
    {
        return match (true) {
            null !== $this->pick => $this->throughArms(static fn (self $arm): self => $arm->plus($other)),
            null !== $other->pick => $other->throughArms(fn (self $arm): self => $arm->plus($this)),
            default => new self($this->nominal->plus($other->nominal), self::added($this->effects, $other->effects), null, []),
        };
    }

    public function minus(self $other): self
    {
        return $this->plus($other->negated());
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

            return new self($nominal, [], $factor < 0 ? $this->pick->mirrored() : $this->pick, $arms);
        }
        $effects = 0.0 === $factor ? [] : array_map(
            static fn (Effect $effect): Effect => new Effect($effect->cause, $factor * $effect->share), $this->effects,
        );

        return new self($nominal, $effects, null, []);
    }

    public function movedBy(Length $shift): self
    {
        return $this->plus(self::exact($shift));
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
        foreach ($this->effects as $effect) {
            $least -= $effect->against();
        }

        return $least;
    }

    public function most(): float
    {
        return -$this->negated()->least();
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

        return $this->effects;
    }

    /** @return list<Cause> whatever can move it */
    public function causes(): array
    {
        return null === $this->pick
            ? array_values(array_map(static fn (Effect $effect): Cause => $effect->cause, $this->effects))
            : array_merge(...array_map(static fn (self $arm): array => $arm->causes(), $this->arms));
    }

    public function isExact(): bool
    {
        return null === $this->pick && [] === $this->effects;
    }

    /**
     * How far it lies above $limit: nominally, at the worst and likely.
     *
     * Of the largest of several, the arm that has most left counts at the worst: no more is certain; of the smallest, and of either, the one
     * that has least.
     */
    public function above(Length $limit): Margin
    {
        if (null === $this->pick) {
            return Margin::ofEffects((float) $this->nominal->minus($limit)->nanometres, array_values($this->effects));
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

        return new self(self::nominalOf($this->pick ?? Pick::Either, $arms), [], $this->pick, $arms);
    }

    /** @param non-empty-list<self> $arms */
    private static function picked(Pick $pick, array $arms): self
    {
        $floor = max(array_map(static fn (self $arm): float => Pick::Largest === $pick ? $arm->least() : -$arm->most(), $arms));
        $open = array_values(array_filter(
            $arms, static fn (self $arm): bool => (Pick::Largest === $pick ? $arm->most() : -$arm->least()) >= $floor,
        ));
        \assert([] !== $open);

        return 1 === \count($open) ? $open[0] : new self(self::nominalOf($pick, $open), [], $pick, $open);
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

    /**
     * @param array<string, Effect> $one
     * @param array<string, Effect> $other
     *
     * @return array<string, Effect> a cause that both take in full against each other is gone
     */
    private static function added(array $one, array $other): array
    {
        foreach ($other as $id => $effect) {
            $share = ($one[$id]->share ?? 0.0) + $effect->share;
            if (0.0 === $share) {
                unset($one[$id]);
            } else {
                $one[$id] = new Effect($effect->cause, $share);
            }
        }

        return $one;
    }
}
