<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Prove\Report;

/** Sheets that were proved already: what it came to follows from the sheet's text alone. */
interface KnownProofs
{
    /** @param callable(): Report $work for a text that was not seen yet */
    public function of(string $text, callable $work): Report;
}
