<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\Margin\Cause;
use Berm\Core\Margin\Locus;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Sentence;

/** What a measured length can come to, by all else that is known, and between which limits the rules hold. */
final readonly class Possible
{
    public function __construct(
        public Locus $length,
        /** As planned, whatever was measured: what is asked of a reading does not move with those that come after it. */
        public Locus $planned,
        /** Between which every rule that leans on it holds, whatever else happens; null where none does. */
        public ?Range $keepsRules,
        /** How much more it measures now than once what was placed is set; null where it measures the same. */
        public ?Length $more = null,
    ) {
    }

    public function window(): Range
    {
        return $this->keepsRules ?? self::rangeOf($this->planned);
    }

    /** Null where the reading can be right: where a hand still decides, it can be whatever it is. */
    public function contradiction(Reading $reading): ?Sentence
    {
        if ($this->isOfHand()) {
            return null;
        }
        $by = $this->range()->margin($reading->value)->plus($reading->uncertainty());

        return $by->isNegative() ? Sentence::of(
            '{is}: this cannot be, for the cuts, the items and the other readings leave {least} to {most}. Measure again, and look at what was measured before.',
            [
                'is' => $reading->value, 'least' => Length::largest(Length::ofNanometres(0), $this->length->leastLength()),
                'most' => $this->length->mostLength(),
            ],
        ) : null;
    }

    /** A cut that nobody has measured, or how something is set, can still move it. */
    public function isOfHand(): bool
    {
        return [] !== array_filter($this->length->causes(), static fn (Cause $cause): bool => $cause->kind->isOfHand());
    }

    public function range(): Range
    {
        return self::rangeOf($this->length);
    }

    private static function rangeOf(Locus $length): Range
    {
        return Range::between($length->leastLength(), $length->mostLength());
    }
}
