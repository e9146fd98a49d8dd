<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

use Berm\Core\Saying\Sentence;

/** One result of a tool, with what it is called. */
final readonly class Figure
{
    public function __construct(public Sentence $label, public Sentence $value)
    {
    }
}
