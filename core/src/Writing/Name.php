<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

use Berm\Core\Formula\Dimension;
use Berm\Core\Saying\Sentence;

/** A name that formulas of a sheet may use, and what it stands for. */
final readonly class Name
{
    /** @param list<string>|null $texts every text that it can be; null of what is no text */
    public function __construct(public string $name, public Dimension $is, public ?array $texts, public Sentence $meaning)
    {
    }
}
