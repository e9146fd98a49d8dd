<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\Event\ToolTaken;

/** Names a tool for a job: its log keeps the tool as it was recorded then. */
final readonly class TakeTool
{
    public function __construct(private Tools $tools, private WriteEntry $writeEntry)
    {
    }

    /** Refuses with EntryRefused what a gate refuses. @throws ToolNotFound|JobNotFound */
    public function __invoke(string $id, string $job, SentAs $as, Who $by): WrittenEntry
    {
        return ($this->writeEntry)($job, $as, new ToolTaken($this->tools->get($id)->tool), $by->asProgram());
    }
}
