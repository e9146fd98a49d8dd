<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** What is known of a line of a log beside what it says: by which it can be told whether it is still the one that was written. */
final readonly class ChainedLine
{
    /**
     * @param int    $format see Link
     * @param string $sheets a line each: kind, id, revision and digest of what the job rested on then
     * @param string $body   the entry exactly as it was hashed
     */
    public function __construct(public string $hash, public int $format, public string $sheets, public string $body)
    {
    }
}
