<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\Task;
use Berm\Core\Saying\Sentence;

/**
 * Is everything done that the sheet asks for, does nothing stand in the way, and has somebody signed for it? The one answer that list,
 * page and record give.
 */
final readonly class Completion
{
    private function __construct(public int $open, public int $all, public int $obstacles, public bool $isHandedOver)
    {
    }

    public static function of(Plan $plan): self
    {
        $tasks = $plan->progress?->tasks() ?? [];
        $open = array_filter($tasks, static fn (Task $task): bool => !$task->isDone);

        return new self(\count($open), \count($tasks), \count($plan->obstacles), null !== $plan->build->handedOver());
    }

    /** All is done: it can be handed over. */
    public function isDone(): bool
    {
        return $this->all > 0 && 0 === $this->open && 0 === $this->obstacles;
    }

    public function isComplete(): bool
    {
        return $this->isDone() && $this->isHandedOver;
    }

    public function sentence(): Sentence
    {
        $values = ['open' => $this->open, 'all' => $this->all, 'obstacles' => $this->obstacles];
        $inTheWay = 1 === $this->obstacles ? '{obstacles} thing stands in the way' : '{obstacles} things stand in the way';

        return match (true) {
            $this->isComplete() => Sentence::plain('Complete.'),
            $this->isDone() => Sentence::plain('All is done; not handed over yet.'),
            0 === $this->all => Sentence::plain('Not complete: it is not planned yet.'),
            0 === $this->obstacles => Sentence::of('Not complete: {open} of {all} tasks are open.', $values),
            0 === $this->open => Sentence::of("Not complete: $inTheWay.", $values),
            default => Sentence::of("Not complete: {open} of {all} tasks are open, and $inTheWay.", $values),
        };
    }
}
