<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\End;
use Berm\Core\Identification\Evidence;

/** Which construction of the library is the cable at this end? */
final readonly class IdentifyCable
{
    private const MOST = 8;

    public function __construct(private Jobs $jobs, private CableTypes $cables)
    {
    }

    /** @throws JobNotFound */
    public function __invoke(string $jobId, End $end): Identified
    {
        $half = $this->jobs->get($jobId)->draft->ends[$end->value] ?? null;
        $catalogue = $this->cables->catalogue();

        return Identified::by($catalogue, Evidence::of($half->asFound ?? AsFound::nothing()), $half?->cable, self::MOST);
    }
}
