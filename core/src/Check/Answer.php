<?php

declare(strict_types=1);

namespace Berm\Core\Check;

/** What was found when a check was made: a closed set, one class for each CheckKind. */
interface Answer
{
    /** For people: "yes", "30 mm by steel rule". */
    public function inWords(): string;

    /** @return array<string, mixed> its field in an open file */
    public function write(): array;
}
