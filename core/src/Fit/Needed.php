<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\LayerKind;

/** What must be measured before a finding is decided. */
final readonly class Needed
{
    public function __construct(
        public LayerKind $layer,
        /** The cable type has it outside the limits, and only its spread reaches in. */
        public bool $isUnlikely,
    ) {
    }
}
