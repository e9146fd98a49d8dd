<?php

declare(strict_types=1);

namespace Berm\Core\Check;

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
        /** Between which every rule that leans on it holds, whatever else happens; null where none does. */
        public ?Range $keepsRules,
    ) {
    }

    public function window(): Range
    {
        return $this->keepsRules ?? $this->range();
    }

    /** Null where the reading can be right. */
    public function contradiction(Reading $reading): ?Sentence
    {
        $by = $this->range()->margin($reading->value)->plus($reading->instrument->uncertainty());

        return $by->isNegative() ? Sentence::of(
            '{is}: this cannot be, for the cuts, the items and the other readings leave {least} to {most}. Measure again, and look at what was measured before.',
            [
                'is' => $reading->value, 'least' => Length::largest(Length::ofNanometres(0), $this->length->leastLength()),
                'most' => $this->length->mostLength(),
            ],
        ) : null;
    }

    public function range(): Range
    {
        return Range::between($this->length->leastLength(), $this->length->mostLength());
    }
}
