<?php

declare(strict_types=1);

namespace App\UseCase;

final class DraftNotFound extends \RuntimeException
{
    public static function of(string $sheetId): self
    {
        return new self("There is no draft of \"$sheetId\": it may have been released or thrown away.");
    }
}
