<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** The plan was changed after work had begun: what is now pinned, in words. */
final readonly class PlanChanged implements Event
{
    public function __construct(public string $summary)
    {
    }
}
