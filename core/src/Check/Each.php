<?php

declare(strict_types=1);

namespace Berm\Core\Check;

/** How often a check is made. */
enum Each: string
{
    case Once = 'once';
    case End = 'end';
    case Core = 'core';
    /** Each core of each end. */
    case CoreOfEnd = 'core-of-end';
    /** Each edge of an insulation screen: on each core of each end. */
    case Edge = 'edge';
    /** Each finger of a breakout: on each core. */
    case Finger = 'finger';
    /** Each shear bolt of the connector, on each core. */
    case Bolt = 'bolt';
    /** Each crimp of each barrel, on each core. */
    case Crimp = 'crimp';
    /** Each shed of a row, on each core. */
    case Shed = 'shed';

    public function isOfEnd(): bool
    {
        return \in_array($this, [self::End, self::CoreOfEnd, self::Edge, self::Crimp], true);
    }

    public function isOfCore(): bool
    {
        return !\in_array($this, [self::Once, self::End], true);
    }

    public function label(): string
    {
        return match ($this) {
            self::Once => '',
            self::End => 'each end',
            self::Core => 'each core',
            self::CoreOfEnd => 'each core of each end',
            self::Edge => 'each edge of the [insulation screen]',
            self::Finger => 'each finger',
            self::Bolt => 'each bolt',
            self::Crimp => 'each crimp',
            self::Shed => 'each shed',
        };
    }
}
