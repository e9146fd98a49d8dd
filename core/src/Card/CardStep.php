<?php

declare(strict_types=1);

namespace Berm\Core\Card;

use Berm\Core\Saying\Sentence;

/** A step that there is no way back from, and what has to be so before it. */
final readonly class CardStep
{
    /** @param list<Sentence> $before */
    public function __construct(public Sentence $title, public array $before)
    {
    }
}
