<?php

declare(strict_types=1);

namespace Berm\Core\Coverage;

use Berm\Core\CoreError;
use Berm\Core\Kit\KitSheet;

/** A list of steps names a part that the sheet does not have. */
final class NotOnSheet extends \RuntimeException implements CoreError
{
    public static function part(KitSheet $sheet, string $name): self
    {
        return new self("{$sheet->revision->id} has no part \"$name\": name a check, cut, item, rule, stock or sentence of it.");
    }
}
