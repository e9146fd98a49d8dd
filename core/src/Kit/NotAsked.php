<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\CoreError;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\UnreadableLength;

/** What was said is nothing that the sheet takes. The message says what would be. */
final class NotAsked extends \DomainException implements CoreError
{
    /**
     * @internal
     *
     * @param list<string> $values
     */
    public static function noneOf(array $values): self
    {
        return new self('must be one of '.implode(', ', $values).'.');
    }

    /** @internal */
    public static function outside(?Range $window): self
    {
        return new self(\sprintf('is out of what the sheet takes: %s to %s.', $window?->min?->toText(), $window?->max?->toText()));
    }

    /** @internal */
    public static function unreadable(UnreadableLength $why): self
    {
        return new self($why->getMessage(), previous: $why);
    }
}
