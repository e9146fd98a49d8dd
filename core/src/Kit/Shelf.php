<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Quantity\Temperature;

/** How long a kit keeps, how it is stored, and in what weather it may be installed; null where the leaflet does not say. */
final readonly class Shelf
{
    private function __construct(
        /** From the date of manufacture. */
        public ?int $months,
        public string $storage,
        public ?Temperature $coldestInstallation,
        public ?Temperature $warmestInstallation,
    ) {
    }

    /** @throws BadKitSheet */
    public static function of(?int $months, string $storage, ?Temperature $coldest, ?Temperature $warmest): self
    {
        return null !== $coldest && null !== $warmest && $warmest->celsius <= $coldest->celsius
            ? throw BadKitSheet::coldestWarmer()
            : new self($months, $storage, $coldest, $warmest);
    }

    public static function unknown(): self
    {
        return new self(null, '', null, null);
    }
}
