<?php

declare(strict_types=1);

namespace Berm\Core\Identification;

/** A construction that the cable could be, with what speaks for it and against it. */
final readonly class Candidate
{
    /**
     * @param list<Agreement> $agreements
     * @param list<Sight>     $contradictions what the eye sees otherwise
     */
    private function __construct(
        public int $place,
        public string $id,
        public int $revision,
        public string $designation,
        public float $score,
        public array $agreements,
        public array $contradictions,
    ) {
    }

    public static function of(Catalogue $catalogue, Evidence $evidence, int $place, float $score): self
    {
        [$id, $revision, $designation] = $catalogue->names[$place];

        return new self(
            $place, $id, $revision, $designation, $score,
            array_map(static fn (Step $step): Agreement => Agreement::of($catalogue, $step, $place), $evidence->steps),
            Sight::contradictions($evidence->seen, $catalogue->features($place)),
        );
    }

    /** Nothing that was measured or seen speaks against it. */
    public function isPossible(): bool
    {
        return [] === $this->contradictions && [] === array_filter(
            $this->agreements, static fn (Agreement $agreement): bool => null === $agreement->judgement || $agreement->isContradicted(),
        );
    }
}
