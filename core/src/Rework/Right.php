<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Job\Plan;
use Berm\Core\Quantity\Verdict;

/** What has to be right by another plan: every cut that was made, or a length that was measured. */
final readonly class Right
{
    private function __construct(private ?OutLength $length, private bool $isShortToo)
    {
    }

    /** All that was cut is inside by it. */
    public static function everyCut(): self
    {
        return new self(null, false);
    }

    /** Nothing that was cut is too long by it: what is short is taken further. */
    public static function noCutTooLong(): self
    {
        return new self(null, true);
    }

    public static function thatLength(OutLength $length): self
    {
        return new self($length, true);
    }

    public function forCuts(Marked $marked): bool
    {
        foreach ($marked->markOut?->all() ?? [] as $mark) {
            $judgement = $marked->build->judgementOf($mark);
            $isOut = Verdict::Out === $judgement?->verdict && null === $marked->build->acceptance($mark);
            if (null !== $judgement && $isOut && (!$this->isShortToo || $judgement->isTooLong())) {
                return false;
            }
        }

        return null !== $marked->markOut;
    }

    public function forPlan(Plan $plan): bool
    {
        return null !== $plan->markOut && (null === $this->length || $this->length->comesRight($plan));
    }
}
