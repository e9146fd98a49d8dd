<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Job\Job;
use Berm\Core\Revision;

/** What a job rests on that only its writer has looked at, by name. */
final readonly class UncheckedSheets
{
    public function __construct(private SheetChecks $checks)
    {
    }

    /** @return list<string> */
    public function __invoke(Job $job): array
    {
        $names = [];
        foreach ($job->cables as $end) {
            $cable = $end->construction;
            $names = $this->isMissing(CheckedKind::Cable, $cable->revision) ? [...$names, $cable->designation] : $names;
        }
        $connector = $job->connector;
        $isMissing = null !== $connector && $this->isMissing(CheckedKind::Connector, $connector->revision);

        return array_values(array_unique($isMissing ? [...$names, $connector->name] : $names));
    }

    private function isMissing(CheckedKind $kind, Revision $revision): bool
    {
        return [] !== $this->checks->missing($kind, [$revision]);
    }
}
