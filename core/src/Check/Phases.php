<?php

declare(strict_types=1);

namespace Berm\Core\Check;

/** What is known of the phases when one is asked for. */
final readonly class Phases
{
    /** @param array<int, Identified> $others by core: the other cores, as the same check found them */
    public function __construct(
        /** What the same core was found to be in an earlier stage; null where nobody looked. */
        public ?Identified $before,
        private array $others,
    ) {
    }

    /** Another core that was found to be that phase too. */
    public function twinOf(Identified $answer): ?int
    {
        foreach ($this->others as $core => $other) {
            if ($other->isSamePhase($answer)) {
                return $core;
            }
        }

        return null;
    }
}
