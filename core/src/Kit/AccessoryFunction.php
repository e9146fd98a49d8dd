<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;
use Berm\Core\Connector\ConnectorKind;

enum AccessoryFunction: string
{
    case Joint = 'joint';
    case Termination = 'termination';
    /** An elbow that plugs on to a bushing. */
    case SeparableConnector = 'separable-connector';

    /** In the IEC vocabulary; a Reader says it in the other. */
    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** @return non-empty-list<End> */
    public function ends(): array
    {
        return self::Joint === $this ? [End::A, End::B] : [End::A];
    }

    public function connectorKind(): ConnectorKind
    {
        return self::Joint === $this ? ConnectorKind::Joint : ConnectorKind::Lug;
    }
}
