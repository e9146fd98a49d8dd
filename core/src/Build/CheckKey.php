<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\Where;

/** Tells the answers to one check at different places apart. */
final class CheckKey
{
    public static function of(string $stage, string $check, Where $where): string
    {
        return "$stage/$check/{$where->key()}";
    }
}
