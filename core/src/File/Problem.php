<?php

declare(strict_types=1);

namespace Berm\Core\File;

/** One fault of a document: where, and what to do about it. */
final readonly class Problem
{
    /** @param string $path such as "kit.sizes[2].insulation.min"; empty for the document as a whole */
    public function __construct(public string $path, public string $message)
    {
    }
}
