<?php

declare(strict_types=1);

namespace Berm\Core\Section;

/**
 * What was worked out from the same before. A log grows line by line, and most of what follows from it stays: only what the last line
 * touches is worked out anew. The oldest is let go.
 *
 * @template T of object
 *
 * @internal
 */
final class Remembered
{
    /** @var array<string, T> */
    private array $kept = [];

    /** @param positive-int $most */
    public function __construct(private readonly int $most)
    {
    }

    /**
     * @param string        $from all that it follows from
     * @param \Closure(): T $work
     *
     * @return T
     */
    public function of(string $from, \Closure $work): object
    {
        $key = hash('xxh128', $from);
        if (!isset($this->kept[$key])) {
            $this->kept[$key] = $work();
            if (\count($this->kept) > $this->most) {
                unset($this->kept[array_key_first($this->kept)]);
            }
        }

        return $this->kept[$key];
    }
}
