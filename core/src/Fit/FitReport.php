<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

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

    /** The measured criterion with the least to spare. */
    public function thinnest(): ?Finding
    {
        $thinnest = null;
        foreach ($this->findings as $finding) {
            if (null !== $finding->judgement && $finding->stops && (null === $thinnest?->judgement || $finding->judgement->margin->isLessThan($thinnest->judgement->margin))) {
                $thinnest = $finding;
            }
        }

        return $thinnest;
    }
}
