<?php

declare(strict_types=1);

namespace App\Device;

/**
 * A stand-in for the hand-held reader that a storekeeper points at a box: each pull of its trigger gives the next label of a roll, as
 * such a reader sends it, with its symbology identifier and FNC1 as ASCII 29.
 */
final readonly class LabelReader
{
    public function __construct(private string $roll)
    {
    }

    /** @param int $pull counted from 0; the roll begins again after its last label */
    public function read(int $pull): string
    {
        $labels = array_values(array_filter(
            explode("\n", (string) file_get_contents($this->roll)),
            static fn (string $line): bool => '' !== $line && !str_starts_with($line, '#'),
        ));

        return [] === $labels ? '' : str_replace('<GS>', "\x1D", $labels[$pull % \count($labels)]);
    }
}
