<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

/** How it was tested. Source: IEC 61238-1-3: class A with heat cycles and short circuit, class B with heat cycles only. */
enum ConnectorClass: string
{
    case A = 'A';
    case B = 'B';
}
