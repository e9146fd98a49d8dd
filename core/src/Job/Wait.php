<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Saying\Sentence;

/** Something on a job that waits for somebody else before work can go on as it should. */
final readonly class Wait
{
    public function __construct(
        public WaitsFor $who,
        public Sentence $what,
        /** Where it is seen to. */
        public Step $step,
        /** Who called, and when; null where nobody did: it waits all the same. */
        public ?string $by = null,
        public ?\DateTimeImmutable $at = null,
        /** Whom by name; null: whoever of them. */
        public ?string $for = null,
    ) {
    }
}
