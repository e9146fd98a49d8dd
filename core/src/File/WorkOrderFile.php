<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Build\StageProgress;
use Berm\Core\Build\Task;
use Berm\Core\Job\Plan;
use Berm\Core\Saying\Reader;

/** The work in its order, stage by stage and task by task, in the open file of a plan. @internal use PlanFile */
final readonly class WorkOrderFile
{
    private function __construct(private Plan $plan, private Reader $reader)
    {
    }

    /** @return list<array<string, mixed>>|null null where it cannot be planned */
    public static function write(Plan $plan, Reader $reader): ?array
    {
        $file = new self($plan, $reader);

        return null === $plan->progress ? null : array_map($file->stage(...), $plan->progress->stages);
    }

    /** @return array<string, mixed> */
    private function stage(StageProgress $progress): array
    {
        $stage = $progress->stage;
        $name = fn (string $key): string => $this->plan->sheet?->nameOf($key) ?? $key;

        return [
            'key' => $stage->key, 'title' => $stage->title, 'scope' => $stage->scope->value, 'work' => $stage->work()?->toText(),
            'wait' => $stage->wait()?->toText(), 'says' => $stage->does, 'cautions' => $stage->cautions,
            'sets' => array_map($name, $stage->installs), 'takesOff' => array_map($name, $stage->takesOff), 'oneWay' => $stage->isOneWay,
            'holdPoint' => $stage->isHoldPoint, 'done' => $progress->isDone(), 'tasks' => array_map($this->task(...), $progress->tasks),
        ];
    }

    /** @return array<string, mixed> */
    private function task(Task $task): array
    {
        return [
            'kind' => $task->kind->value, 'title' => $this->reader->say($task->title), ...PlaceFile::writeWhere($task->where),
            ...(null === $task->number ? [] : ['number' => $task->number]),
            ...(null === $task->limits ? [] : ['limits' => $this->reader->say($task->limits)]),
            'done' => $task->isDone,
        ];
    }
}
