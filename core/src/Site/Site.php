<?php

declare(strict_types=1);

namespace Berm\Core\Site;

/** Where the accessory will be, and the air there; null where nobody has said. */
final readonly class Site
{
    private function __construct(public Weather $weather, public ?Place $place, public ?Mounting $mounting)
    {
    }

    public static function of(Weather $weather, ?Place $place, ?Mounting $mounting): self
    {
        return new self($weather, $place, $mounting);
    }

    public static function unknown(): self
    {
        return new self(Weather::unknown(), null, null);
    }
}
