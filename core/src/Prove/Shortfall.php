<?php

declare(strict_types=1);

namespace Berm\Core\Prove;

use Berm\Core\Margin\Proof;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** What is wrong with a sheet, in the corner where it is worst. */
final readonly class Shortfall
{
    public function __construct(
        public Fault $fault,
        /** Of what: the rule, the check, the stock. */
        public string $of,
        public Sentence $reason,
        /** Null of what is wrong in every corner. */
        public ?Corner $corner,
        /** In how many corners. */
        public int $corners,
        /** Of a rule: what is left at the worst. */
        public ?Length $worst = null,
        public ?Proof $proof = null,
        /** Where in the sheet; null of what is about the whole of it. */
        public ?Part $part = null,
    ) {
    }

    /** The worse of two of the same, and the corners of both. */
    public function and(self $other): self
    {
        $isWorse = null !== $other->worst && (null === $this->worst || $other->worst->isLessThan($this->worst));
        $worse = $isWorse ? $other : $this;

        return new self(
            $worse->fault, $worse->of, $worse->reason, $worse->corner, $this->corners + $other->corners, $worse->worst, $worse->proof,
            $worse->part,
        );
    }
}
