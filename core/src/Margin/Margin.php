<?php

declare(strict_types=1);

namespace Berm\Core\Margin;

use Berm\Core\Quantity\Length;

/** How much a rule has left: nominally, at the worst, and likely; and which cause takes most of it. */
final readonly class Margin
{
    /** Causes that take alike are both named; in nanometres. */
    private const ALIKE = 1.0;

    /** @param list<Loss> $losses the largest first */
    private function __construct(
        public Length $nominal,
        /** Every cause against it. */
        public Length $worst,
        /** The root of the sum of the squares of what the causes take, each bound taken as three standard deviations. */
        public Length $likely,
        public array $losses,
    ) {
    }

    /**
     * @param float        $nominal in nanometres
     * @param list<Effect> $effects
     */
    public static function ofEffects(float $nominal, array $effects): self
    {
        return self::ofLosses($nominal, array_map(
            static fn (Effect $effect): Loss => new Loss($effect->cause, $effect->against()), $effects,
        ));
    }

    /**
     * @param float      $nominal in nanometres
     * @param list<Loss> $losses
     * @param float|null $worst   where the causes are not simply added up
     */
    public static function ofLosses(float $nominal, array $losses, ?float $worst = null): self
    {
        $sum = $squares = 0.0;
        $taking = [];
        foreach ($losses as $loss) {
            if ($loss->nanometres > 0.0) {
                $taking[] = $loss;
                $sum += $loss->nanometres;
                $squares += $loss->nanometres ** 2;
            }
        }
        usort($taking, static fn (Loss $one, Loss $other): int => $other->nanometres <=> $one->nanometres);

        return new self(self::length($nominal), self::length($worst ?? $nominal - $sum), self::length($nominal - sqrt($squares)), $taking);
    }

    /** What is certain where any one of them is enough. */
    public static function best(self $first, self ...$others): self
    {
        return self::combined(1, $first, ...array_values($others));
    }

    /** What is certain where each of them must hold. */
    public static function leastOf(self $first, self ...$others): self
    {
        return self::combined(-1, $first, ...array_values($others));
    }

    /** @param float $nominal in nanometres */
    public function nominally(float $nominal): self
    {
        return new self(self::length($nominal), $this->worst, $this->likely, $this->losses);
    }

    public function proof(): Proof
    {
        return match (true) {
            !$this->worst->isNegative() => Proof::Proved,
            $this->nominal->isNegative() => Proof::Fails,
            !$this->likely->isNegative() => Proof::Likely,
            default => Proof::NotLikely,
        };
    }

    /** What is likely left where causes of one kind take nothing. */
    public function likelyBut(CauseKind $kind): Length
    {
        $squares = 0.0;
        foreach ($this->losses as $loss) {
            $squares += $kind === $loss->cause->kind ? 0.0 : $loss->nanometres ** 2;
        }

        return self::length($this->nominal->nanometres - sqrt($squares));
    }

    /** @return list<Cause> the cause that takes most, and those that take as much; empty where nothing can take anything */
    public function takesMost(): array
    {
        $most = ($this->losses[0]->nanometres ?? 0.0) - self::ALIKE;

        return array_values(array_map(
            static fn (Loss $loss): Cause => $loss->cause,
            array_filter($this->losses, static fn (Loss $loss): bool => $loss->nanometres >= $most),
        ));
    }

    /** What that cause takes. */
    public function most(): Length
    {
        return self::length($this->losses[0]->nanometres ?? 0.0);
    }

    private static function combined(int $sign, self $first, self ...$others): self
    {
        $nominal = $worst = $likely = $first;
        foreach ($others as $other) {
            $nominal = $sign * ($other->nominal->nanometres <=> $nominal->nominal->nanometres) > 0 ? $other : $nominal;
            $worst = $sign * ($other->worst->nanometres <=> $worst->worst->nanometres) > 0 ? $other : $worst;
            $likely = $sign * ($other->likely->nanometres <=> $likely->likely->nanometres) > 0 ? $other : $likely;
        }

        return new self($nominal->nominal, $worst->worst, $likely->likely, $worst->losses);
    }

    private static function length(float $nanometres): Length
    {
        return Length::ofNanometres((int) round($nanometres));
    }
}
