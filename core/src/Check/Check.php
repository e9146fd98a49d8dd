<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\Mistake;

/** Something to look at or to measure before a stage is finished. */
final readonly class Check
{
    /** @param list<Mistake> $catches what it would show in time */
    public function __construct(
        public string $key,
        /** What to look at or measure; words in brackets are said in the reader's own vocabulary. */
        public string $ask,
        public Each $each,
        /** Null: always. */
        public ?Formula $when,
        /** How it is answered, and within which limits. */
        public Question $question,
        public string $reason,
        /** What to do when it is out. */
        public string $mend,
        public array $catches = [],
    ) {
    }

    /** It looks at a wall that was heated: what is found there has its own mend. */
    public function isOfHeatedSurface(): bool
    {
        return [] !== array_filter(
            $this->catches, static fn (Mistake $one): bool => \in_array($one, [Mistake::Scorch, Mistake::OneSidedHeat], true),
        );
    }

    /** False only when its condition is known not to hold. */
    public function isIn(Values $values): bool
    {
        return null === $this->when || !$this->when->isKnown($values) || $this->when->holds($values);
    }

    /** From where to where it measures; null where it does not, or the sheet does not say. */
    public function measure(): ?Measure
    {
        return $this->question instanceof LengthWithin ? $this->question->measure : null;
    }
}
