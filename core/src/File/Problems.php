<?php

declare(strict_types=1);

namespace Berm\Core\File;

/** Collects the faults of one document while it is read. @internal */
final class Problems
{
    /** As many as somebody mends before looking again; how many more there are is said. */
    private const MOST = 500;

    /** @var list<Problem> */
    private array $found = [];
    private int $more = 0;

    public function add(string $path, string $message): void
    {
        if (\count($this->found) < self::MOST) {
            $this->found[] = new Problem($path, $message);
        } else {
            ++$this->more;
        }
    }

    public function count(): int
    {
        return \count($this->found) + $this->more;
    }

    /** @throws BadDocument when there are any */
    public function ensureNone(): void
    {
        if ([] !== $this->found) {
            $more = 0 === $this->more ? [] : [new Problem('', 'and '.number_format($this->more).' more.')];
            throw BadDocument::with([...$this->found, ...$more]);
        }
    }
}
