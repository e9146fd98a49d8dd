<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** A stage is done as the leaflet has it, and everything in it was looked at. */
final readonly class StageFinished implements Event
{
    public function __construct(public string $stage)
    {
    }
}
