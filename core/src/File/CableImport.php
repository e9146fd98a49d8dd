<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\Construction;

/** What a file of many cables came to: those that could be read, and what is wrong with the others. */
final readonly class CableImport
{
    /** As many as somebody reads; how many more there are is said. */
    private const PROBLEMS_MOST = 200;

    /** @var list<ImportProblem> */
    public array $problems;

    /**
     * @param list<Construction>  $cables
     * @param list<ImportProblem> $problems
     * @param list<string>        $skipped  what the file holds besides, and is not read
     */
    public function __construct(public array $cables, array $problems, public array $skipped)
    {
        $more = \count($problems) - self::PROBLEMS_MOST;
        $this->problems = $more <= 0 ? $problems : [
            ...\array_slice($problems, 0, self::PROBLEMS_MOST),
            new ImportProblem($problems[self::PROBLEMS_MOST]->row, '', 'and '.number_format($more).' more from here on.'),
        ];
    }

    public static function unreadable(string $message): self
    {
        return new self([], [new ImportProblem(1, '', $message)], []);
    }
}
