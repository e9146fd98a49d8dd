<?php

declare(strict_types=1);

namespace Berm\Core\Site;

/** Where the accessory will be, the air there, and how long the cable is out of service; null where nobody has said. */
final readonly class Site
{
    private function __construct(public Weather $weather, public ?Place $place, public ?Mounting $mounting,
        /** When it goes into service again. */ public ?\DateTimeImmutable $outageEndsAt)
    {
    }

    public static function of(Weather $weather, ?Place $place, ?Mounting $mounting, ?\DateTimeImmutable $outageEndsAt = null): self
    {
        return new self($weather, $place, $mounting, $outageEndsAt);
    }

    public static function unknown(): self
    {
        return new self(Weather::unknown(), null, null, null);
    }
}
