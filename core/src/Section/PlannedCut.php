<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Formula\Values;
use Berm\Core\Kit\StripCase;
use Berm\Core\Margin\Locus;

/** A cut as the sheet has it for a job: the case that holds, and where it lies from the end of the conductor. */
final readonly class PlannedCut
{
    public function __construct(
        public StripCase $case,
        /** With its own tolerance, and what is not exact about the edge that it is laid from. */
        public Locus $at,
        /** What it was worked out with. */
        public Values $values,
    ) {
    }
}
