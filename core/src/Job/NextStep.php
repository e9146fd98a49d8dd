<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\Task;
use Berm\Core\Saying\Sentence;

/** The one thing to do now. */
final readonly class NextStep
{
    private function __construct(public Step $step, public Sentence $title, public ?Task $task)
    {
    }

    public static function at(Step $step, string $title): self
    {
        return new self($step, Sentence::plain($title), null);
    }

    public static function task(Task $task): self
    {
        return new self(Step::Build, $task->title, $task);
    }
}
