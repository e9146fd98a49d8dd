<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\Construction;

/** What a file of many cables came to: those that could be read, and what is wrong with the others. */
final readonly class CableImport
{
    /**
     * @param list<Construction>  $cables
     * @param list<ImportProblem> $problems
     * @param list<string>        $skipped  what the file holds besides, and is not read
     */
    public function __construct(public array $cables, public array $problems, public array $skipped)
    {
    }

    public static function unreadable(string $message): self
    {
        return new self([], [new ImportProblem(1, '', $message)], []);
    }
}
