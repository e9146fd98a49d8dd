<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Formula\Values;
use Berm\Core\MarkOut\Cut;

/** Where a layer is cut, from the cable end, and with what. */
final readonly class StripRule
{
    /** @param non-empty-list<StripCase> $cases the first that holds counts */
    public function __construct(public Cut $cut, public array $cases)
    {
    }

    /** Null when no case covers this job. */
    public function caseFor(Values $values): ?StripCase
    {
        foreach ($this->cases as $case) {
            if (null === $case->when || $case->when->holds($values)) {
                return $case;
            }
        }

        return null;
    }

    /** @return list<string> every name that any of its cases uses */
    public function names(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (StripCase $case): array => $case->names(), $this->cases))));
    }
}
