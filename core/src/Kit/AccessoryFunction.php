<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;
use Berm\Core\Connector\ConnectorKind;

enum AccessoryFunction: string
{
    case Joint = 'joint';
    case Termination = 'termination';

    /** @return non-empty-list<End> */
    public function ends(): array
    {
        return match ($this) {
            self::Joint => [End::A, End::B],
            self::Termination => [End::A],
        };
    }

    public function connectorKind(): ConnectorKind
    {
        return match ($this) {
            self::Joint => ConnectorKind::Joint,
            self::Termination => ConnectorKind::Lug,
        };
    }
}
