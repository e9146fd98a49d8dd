<?php

declare(strict_types=1);

namespace Berm\Core\Prove;

use Berm\Core\Kit\Excepted;

/** What proving a sheet came to. */
final readonly class Report
{
    /**
     * @param list<Shortfall>   $shortfalls the worst first
     * @param list<Excepted>    $excepted   rules that the sheet names as not kept, with its reasons
     * @param list<ProvedDoubt> $doubts     what it comes to with the other numbers of a leaflet that contradicts itself
     */
    public function __construct(
        /** Plans that were made. */
        public int $plans,
        /** Corners that there would be; more than the plans where they were too many. */
        public int $corners,
        public array $shortfalls,
        public array $excepted,
        public array $doubts,
    ) {
    }

    public function isProved(): bool
    {
        return [] === $this->shortfalls && $this->plans > 0;
    }
}
