<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;

/** Something that is kept and cannot be read, with the reason: shown in its place, so that it hides nothing else. */
final readonly class UnreadableRow
{
    private function __construct(public string $id, public string $reason)
    {
    }

    public static function because(string $id, \Throwable $error): self
    {
        $problem = $error instanceof BadDocument ? $error->problems[0] : null;

        return new self($id, null === $problem ? $error->getMessage() : trim("$problem->path $problem->message"));
    }
}
