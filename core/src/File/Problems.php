<?php

declare(strict_types=1);

namespace Berm\Core\File;

/** Collects the faults of one document while it is read. @internal */
final class Problems
{
    /** @var list<Problem> */
    private array $found = [];

    public function add(string $path, string $message): void
    {
        $this->found[] = new Problem($path, $message);
    }

    public function count(): int
    {
        return \count($this->found);
    }

    /** @throws BadDocument when there are any */
    public function ensureNone(): void
    {
        if ([] !== $this->found) {
            throw BadDocument::with($this->found);
        }
    }
}
