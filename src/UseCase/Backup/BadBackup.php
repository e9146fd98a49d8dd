<?php

declare(strict_types=1);

namespace App\UseCase\Backup;

/** A file that no backup can be restored from; nothing was touched. */
final class BadBackup extends \DomainException
{
    public static function because(string $what): self
    {
        return new self("This file cannot be restored: $what. Nothing was touched.");
    }
}
