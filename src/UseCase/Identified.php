<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Identification\Candidate;
use Berm\Core\Identification\Catalogue;
use Berm\Core\Identification\Evidence;
use Berm\Core\Identification\Identification;
use Berm\Core\Identification\NextLook;
use Berm\Core\Revision;

/** The ranking, the one look that would settle it, and what it says about the name on the job. */
final readonly class Identified
{
    /** @param list<Candidate> $candidates */
    private function __construct(public int $compared, public array $candidates, public ?NextLook $next, public ?Candidate $named)
    {
    }

    public static function by(Catalogue $catalogue, Evidence $evidence, ?Revision $named, int $most): self
    {
        $candidates = Identification::rank($catalogue, $evidence, $most);
        $place = null === $named || $evidence->isEmpty() ? null : $catalogue->find($named->id, $named->number);

        return new self(
            $catalogue->count(), $candidates,
            isset($candidates[1]) ? NextLook::between($catalogue, $evidence, $candidates[0], $candidates[1]) : null,
            null === $place ? null : Candidate::of($catalogue, $evidence, $place, 0.0),
        );
    }

    /** Something speaks against the name on the job, and nothing against the best candidate. */
    public function isMisnamed(): bool
    {
        return null !== $this->named && !$this->named->isPossible() && ($this->candidates[0] ?? null)?->isPossible() === true;
    }
}
