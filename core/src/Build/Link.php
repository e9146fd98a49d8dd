<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/**
 * One link of the chain that a log is: a SHA-256 (FIPS 180-4) over what an entry says, where it stands and what came before it, so that a
 * change of any of them shows. Whoever has the texts can work it out, on a device as on the server.
 */
final class Link
{
    /** What is hashed now: the job, the place in its log, the hash before, the sheets that the job rests on, and the entry. */
    public const FORMAT = 2;

    /**
     * @param int    $format 1 of entries from before the chain covered more than the entry and the hash before it
     * @param string $before the hash of the entry before; empty for the first
     * @param string $sheets a line each: kind, id, revision and the SHA-256 of what it says
     * @param string $body   the entry as it is kept, on one line
     *
     * @return string in hexadecimal; empty for a format that is not known
     */
    public static function hash(int $format, string $job, int $sequence, string $before, string $sheets, string $body): string
    {
        return match ($format) {
            1 => hash('sha256', "$before\n$body"),
            // No line of the sheets is empty, so that each part ends where it ends.
            2 => hash('sha256', "berm entry 2\n$job\n$sequence\n$before\n$sheets\n\n$body"),
            default => '',
        };
    }
}
