<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Cable\Completion;
use Berm\Core\File\CableImport;

/** Takes cable types from a file: all of it, its good rows only, or none to see first what it holds. */
final readonly class ImportCables
{
    public function __construct(private CableTypes $cables)
    {
    }

    public function __invoke(CableImport $import, Keep $keep, Who $by): ImportedCables
    {
        $isStored = Keep::Good === $keep || Keep::All === $keep && [] === $import->problems;
        $complete = array_map(Completion::of(...), $import->cables);
        [$added, $known] = $isStored ? $this->cables->addNew($complete, $by) : [[], []];

        return new ImportedCables($import, $complete, $added, $known);
    }
}
