<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Check\Look;
use Berm\Core\Kit\Stage;

/** A stage with what is to be done in it. */
final readonly class StageProgress
{
    /** @param list<Task> $tasks in the order of the work */
    public function __construct(public Stage $stage, public array $tasks)
    {
    }

    public function isDone(): bool
    {
        return null === $this->next();
    }

    public function next(): ?Task
    {
        foreach ($this->tasks as $task) {
            if (!$task->isDone) {
                return $task;
            }
        }

        return null;
    }

    /**
     * What one touch does: looks that follow each other are answered together where all is so; everything else by itself, readings above
     * all.
     *
     * @return list<non-empty-list<Task>>
     */
    public function touches(): array
    {
        $touches = [];
        $wasLook = false;
        foreach ($this->tasks as $task) {
            $isLook = $task->check?->question instanceof Look;
            if ($isLook && $wasLook) {
                $touches[\count($touches) - 1][] = $task;
            } else {
                $touches[] = [$task];
            }
            $wasLook = $isLook;
        }

        return $touches;
    }

    /** What must be done before it can be called finished. */
    public function openBeforeFinish(): ?Task
    {
        $next = $this->next();

        return null === $next || TaskKind::Finish === $next->kind || TaskKind::Release === $next->kind ? null : $next;
    }
}
