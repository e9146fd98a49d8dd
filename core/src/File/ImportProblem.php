<?php

declare(strict_types=1);

namespace Berm\Core\File;

/** One fault of a table or an asset file: where it stands, and the mend. */
final readonly class ImportProblem
{
    public function __construct(
        /** Counted from 1; of a table the heading is row 1, of an asset file the cable's place. */
        public int $row,
        /** The column, or the attribute's name; empty for the row as a whole. */
        public string $column,
        public string $message,
    ) {
    }
}
