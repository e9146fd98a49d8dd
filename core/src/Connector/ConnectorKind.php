<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

enum ConnectorKind: string
{
    /** Joins two conductors; its length runs across the joint. */
    case Joint = 'joint-connector';
    case Lug = 'lug';

    public function label(): string
    {
        return match ($this) {
            self::Joint => 'connector',
            self::Lug => 'lug',
        };
    }
}
