<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Revision;
use Berm\Core\Site\Site;

/** What has been chosen and typed for a job: sheets by their pinned revision, readings as they were typed. */
final readonly class PlanDraft
{
    /**
     * @param array<string, EndDraft> $ends by End value
     * @param array<string, string>   $said what the kit's sheet asks of the job, by its key, as it was typed
     */
    public function __construct(
        public LengthUnit $unit,
        public array $ends,
        public ?Revision $kit,
        public string $kitSize,
        public ?Revision $connector,
        public Site $site,
        public array $said = [],
    ) {
    }

    /** @return list<Revision> of the cable types that it rests on */
    public function cableRevisions(): array
    {
        return array_values(array_filter(array_map(static fn (EndDraft $end): ?Revision => $end->cable, $this->ends)));
    }
}
