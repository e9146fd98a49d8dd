<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Saying\Sentence;

/** Every criterion's finding; the strictest one that stops is the outcome. */
final readonly class FitReport
{
    /** @param list<Finding> $findings */
    private function __construct(public array $findings)
    {
    }

    public static function of(Finding ...$findings): self
    {
        return new self(array_values($findings));
    }

    public function and(self $other): self
    {
        return new self([...$this->findings, ...$other->findings]);
    }

    public function outcome(): Outcome
    {
        return $this->worst()->outcome ?? Outcome::Fits;
    }

    /** The finding that decides the outcome; null when there is nothing to judge. */
    public function worst(): ?Finding
    {
        $worst = null;
        foreach ($this->findings as $finding) {
            if ($finding->stops && (null === $worst || $finding->outcome->strictness() > $worst->outcome->strictness())) {
                $worst = $finding;
            }
        }

        return $worst;
    }

    /** How many criteria stop it, each counted once an end: the one with the fewest is the nearest that would fit. */
    public function obstacles(): int
    {
        $against = [];
        foreach ($this->findings as $finding) {
            if ($finding->stops && !$finding->outcome->lets()) {
                $against["{$finding->criterion->value} {$finding->end?->value}"] = true;
            }
        }

        return \count($against);
    }

    /** How many criteria are against it, each counted once an end; what is only not measured yet is not. */
    public function refusals(): int
    {
        return self::of(...array_filter(
            $this->findings, static fn (Finding $finding): bool => Outcome::DoesNotFit === $finding->outcome,
        ))->obstacles();
    }

    /** How many criteria wait for a diameter that the cable type has outside their limits, each counted once an end. */
    public function unlikely(): int
    {
        return self::of(...array_filter(
            $this->findings, static fn (Finding $finding): bool => true === $finding->needed?->isUnlikely,
        ))->obstacles();
    }

    /** With one finding for each diameter that must be measured, however many limits wait for it: the first, and how many more. */
    public function condensed(): self
    {
        $waiting = $shown = [];
        foreach ($this->findings as $finding) {
            if (null !== $finding->needed) {
                $waiting["{$finding->end?->value} {$finding->needed->layer->value}"][] = $finding;
            }
        }
        foreach ($this->findings as $finding) {
            $alike = null === $finding->needed ? [] : $waiting["{$finding->end?->value} {$finding->needed->layer->value}"] ?? [];
            if ([] === $alike) {
                $shown[] = $finding;
            } elseif ($finding === $alike[0]) {
                $shown[] = self::forAll($finding, \count($alike) - 1);
            }
        }

        return new self($shown);
    }

    private static function forAll(Finding $first, int $more): Finding
    {
        return 0 === $more ? $first : $first->withReason(Sentence::of(
            $first->reason->template.(1 === $more ? ' Another limit waits' : ' {more} more limits wait').' for the same reading.',
            [...$first->reason->values, 'more' => $more],
        ));
    }

    /** The measured criterion with the least to spare. */
    public function thinnest(): ?Finding
    {
        $thinnest = null;
        foreach ($this->findings as $finding) {
            if (null === $finding->judgement || !$finding->stops) {
                continue;
            }
            $isThinner = null === $thinnest?->judgement || $finding->judgement->margin->isLessThan($thinnest->judgement->margin);
            $thinnest = $isThinner ? $finding : $thinnest;
        }

        return $thinnest;
    }
}
