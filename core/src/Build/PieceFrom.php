<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** Where a piece came from that was not of the kit's own box. */
enum PieceFrom: string
{
    case AnotherBox = 'another-box';
    case OwnersStore = 'owners-store';

    public function inWords(): string
    {
        return match ($this) {
            self::AnotherBox => 'from another box of this kit',
            self::OwnersStore => 'from the owner\'s store',
        };
    }
}
