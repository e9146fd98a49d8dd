<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Revision;

/** Which sheets a plan rests on. */
final readonly class Pins
{
    private function __construct(public ?Revision $kit, public string $size, public ?Revision $connector)
    {
    }

    public static function of(?Revision $kit, string $size, ?Revision $connector): self
    {
        return new self($kit, $size, $connector);
    }

    public function agreesWith(self $now, StandsOn $on): bool
    {
        $isSameKit = self::same($this->kit, $now->kit) && $this->size === $now->size;

        return match ($on) {
            StandsOn::Nothing => true,
            StandsOn::Kit => $isSameKit,
            StandsOn::Assembly => $isSameKit && self::same($this->connector, $now->connector),
        };
    }

    private static function same(?Revision $one, ?Revision $other): bool
    {
        return $one?->id === $other?->id && $one?->number === $other?->number;
    }
}
