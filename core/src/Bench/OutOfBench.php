<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

use Berm\Core\CoreError;

/** A value that a tool cannot take, and what would do. */
final class OutOfBench extends \DomainException implements CoreError
{
    public static function because(string $why): self
    {
        return new self($why);
    }
}
