<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Fit\FitReport;
use Berm\Core\Quantity\Length;

/** What would follow if a job were planned with a draft. */
final readonly class TriedDraft
{
    /**
     * @param array<string, array<string, Length|float|string>> $values what names of formulas stand for there, by End value
     * @param array<string, FitReport>                          $sizes  what each size comes to on these cables, by its label
     */
    public function __construct(
        public PlannedJob $job,
        /** Figures of another sheet stand where this one says nothing yet. */
        public bool $standsIn,
        public array $values,
        public array $sizes,
    ) {
    }
}
