<?php

declare(strict_types=1);

namespace Berm\Core\Record;

use Berm\Core\Saying\Sentence;

/** One line of a record: what it is about, and what is so. */
final readonly class Fact
{
    public function __construct(public Sentence $label, public Sentence $value)
    {
    }
}
