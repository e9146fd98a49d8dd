<?php

declare(strict_types=1);

namespace Berm\Core\Site;

use Berm\Core\Quantity\Temperature;

/** The air at the place of work, as read; null where nobody has. */
final readonly class Weather
{
    private function __construct(public ?Temperature $air, /** Relative, in per cent. */ public ?int $humidity)
    {
    }

    public static function unknown(): self
    {
        return new self(null, null);
    }

    /** @throws ImpossibleHumidity */
    public static function of(?Temperature $air, ?int $humidity): self
    {
        return null === $humidity || $humidity >= 1 && $humidity <= 100
            ? new self($air, $humidity)
            : throw ImpossibleHumidity::percent($humidity);
    }

    /** In °C; null until both are read. */
    public function dewPoint(): ?float
    {
        return null === $this->air || null === $this->humidity ? null : DewPoint::of($this->air->celsius, $this->humidity);
    }
}
