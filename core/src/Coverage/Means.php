<?php

declare(strict_types=1);

namespace Berm\Core\Coverage;

/** How a sheet sees to one step of the work; the strongest first. */
enum Means: string
{
    /** Worked out from the sheet, the cables and the connector, and proved. */
    case Computed = 'computed';
    /** A number is entered, and judged against limits. */
    case Measured = 'measured';
    /** Somebody looks, and says yes or no. */
    case Asked = 'asked';
    case Said = 'said';

    /** A number stands behind it. */
    public function isNumber(): bool
    {
        return self::Computed === $this || self::Measured === $this;
    }

    /** @param non-empty-list<self> $means */
    public static function strongest(array $means): self
    {
        foreach (self::cases() as $one) {
            if (\in_array($one, $means, true)) {
                return $one;
            }
        }

        return self::Said;
    }
}
