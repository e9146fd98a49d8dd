<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** What every accessory must keep, even if its sheet forgets. Common practice. */
enum Always: string
{
    case Energised = 'always-energised';
    case Semiconducting = 'always-semiconducting';
    case Sealed = 'always-sealed';
    case Oil = 'always-oil';

    /** What is looked at, as a sentence names it. */
    public function words(): string
    {
        return match ($this) {
            self::Energised => 'cover of what is energised',
            self::Semiconducting => 'cover of the [insulation screen]',
            self::Sealed => 'seal to the [oversheath]',
            self::Oil => 'barrier that keeps the oil in',
        };
    }

    /** @return list<string> */
    public static function keys(): array
    {
        return array_map(static fn (self $one): string => $one->value, self::cases());
    }
}
