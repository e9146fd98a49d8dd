<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\End;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Saying\Sentence;

/** One criterion's answer, with what it rests on. */
final readonly class Finding
{
    private function __construct(
        public Criterion $criterion,
        public ?End $end,
        public Outcome $outcome,
        /** A finding that does not stop is said, and work may go on. */
        public bool $stops,
        /** The reading, its limits and its margin, where the criterion is about a length. */
        public ?Judgement $judgement,
        public Sentence $reason,
        /** Null where no diameter of a cable is waited for. */
        public ?Needed $needed = null,
    ) {
    }

    public static function fits(Criterion $criterion, ?End $end, Sentence $reason): self
    {
        return new self($criterion, $end, Outcome::Fits, true, null, $reason);
    }

    public static function refused(Criterion $criterion, ?End $end, Sentence $reason): self
    {
        return new self($criterion, $end, Outcome::DoesNotFit, true, null, $reason);
    }

    public static function undecided(Criterion $criterion, ?End $end, Sentence $reason): self
    {
        return new self($criterion, $end, Outcome::CannotTell, true, null, $reason);
    }

    public static function unmeasured(Criterion $criterion, End $end, Needed $needed, Sentence $reason): self
    {
        return new self($criterion, $end, Outcome::CannotTell, true, null, $reason, $needed);
    }

    /** It stands for others too, which wait for the same diameter. */
    public function withReason(Sentence $reason): self
    {
        return new self($this->criterion, $this->end, $this->outcome, $this->stops, $this->judgement, $reason, $this->needed);
    }

    public static function judged(Criterion $criterion, ?End $end, Judgement $judgement, Sentence $reason): self
    {
        return new self($criterion, $end, Outcome::ofVerdict($judgement->verdict), true, $judgement, $reason);
    }

    /** Inside its limit by less than can be read. */
    public static function unproved(Criterion $criterion, ?End $end, Sentence $reason): self
    {
        return new self($criterion, $end, Outcome::FitsUnproved, true, null, $reason);
    }

    public function asWarning(): self
    {
        return new self($this->criterion, $this->end, $this->outcome, false, $this->judgement, $this->reason, $this->needed);
    }
}
