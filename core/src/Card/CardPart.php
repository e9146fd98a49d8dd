<?php

declare(strict_types=1);

namespace Berm\Core\Card;

use Berm\Core\Saying\Sentence;

/** What is set on an end: where it lies, and how much of it is wound. */
final readonly class CardPart
{
    /** @param list<Sentence> $lies */
    public function __construct(public string $name, public array $lies)
    {
    }
}
