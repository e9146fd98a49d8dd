<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Saying\Sentence;

/** One rule of a kit sheet as a sentence, with its reason. */
final readonly class Rule
{
    /** @param string $key the same in every revision: "cut/insulation/1" */
    public function __construct(public string $key, public string $heading, public Sentence $sentence, public string $reason = '')
    {
    }

    public function saysTheSameAs(self $other): bool
    {
        return $this->sentence->equals($other->sentence) && $this->reason === $other->reason;
    }
}
