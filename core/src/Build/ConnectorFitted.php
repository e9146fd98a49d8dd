<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** The connector or lug is crimped or sheared on: there is no way back from here. */
final readonly class ConnectorFitted implements Event
{
    public function __construct(/** As printed on its bag; empty when it carries none. */ public string $batch)
    {
    }
}
