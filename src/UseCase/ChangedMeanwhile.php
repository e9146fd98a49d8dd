<?php

declare(strict_types=1);

namespace App\UseCase;

/** Somebody else changed it since it was looked at. */
final class ChangedMeanwhile extends \RuntimeException
{
    public static function tool(): self
    {
        return new self('Somebody else changed this tool meanwhile. Look at it again, then change it.');
    }
}
