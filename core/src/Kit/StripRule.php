<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Values;
use Berm\Core\MarkOut\Cut;

/** Where a layer is cut, from the cable end, and with what. */
final readonly class StripRule
{
    /** @param non-empty-list<StripCase> $cases the first that holds counts */
    public function __construct(
        public Cut $cut,
        public array $cases,
        public string $tool,
        /** How deep the blade is set; null where the tool has no setting. */
        public ?Formula $depth,
    ) {
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

    /** @return list<string> every name that its depth, or the condition or the distance of any of its cases, uses */
    public function names(): array
    {
        $ofCases = array_map(
            static fn (StripCase $case): array => [...$case->when?->names() ?? [], ...$case->distance->names()], $this->cases,
        );

        return array_values(array_unique(array_merge($this->depth?->names() ?? [], ...$ofCases)));
    }
}
