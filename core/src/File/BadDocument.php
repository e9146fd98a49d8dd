<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\CoreError;

/** A document with faults: all of them, each with its place. */
final class BadDocument extends \DomainException implements CoreError
{
    /** @param non-empty-list<Problem> $problems */
    private function __construct(public readonly array $problems)
    {
        parent::__construct(implode(
            ' ', array_map(static fn (Problem $problem): string => trim($problem->path.' '.$problem->message), $problems),
        ));
    }

    /** @param non-empty-list<Problem> $problems */
    public static function with(array $problems): self
    {
        return new self($problems);
    }

    public static function because(string $path, string $message): self
    {
        return new self([new Problem($path, $message)]);
    }
}
