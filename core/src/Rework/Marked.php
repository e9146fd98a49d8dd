<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Entry;
use Berm\Core\CoreError;
use Berm\Core\Job\Assembled;
use Berm\Core\Job\Job;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Section\Places;

/** Where the cuts of a job are marked and what was read of them, and nothing that follows from it: a cheap look before a whole plan. */
final readonly class Marked
{
    private function __construct(private Job $job, public BuildState $build, public ?MarkOut $markOut)
    {
    }

    /** @param list<Entry> $log */
    public static function of(Job $job, array $log): self
    {
        $build = BuildState::fold($log, $job->pins());
        try {
            $markOut = Assembled::of($job)->measuring($build)?->markOut();
        } catch (CoreError) {
            $markOut = null;
        }

        return new self($job, $build, $markOut);
    }

    /** Where everything lies on a core; null until that can be worked out. */
    public function places(int $core): ?Places
    {
        return Assembled::of($this->job)->measuring($this->build)?->places($core);
    }
}
