<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Saying\Sentence;

/** Something that stands in a job's way, and the step where it is dealt with. */
final readonly class Obstacle
{
    public function __construct(public Step $step, public Sentence $reason)
    {
    }
}
