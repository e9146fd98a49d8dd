<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Quantity\Verdict;

/** The four answers to "does it fit?"; never a bare yes or no. */
enum Outcome: string
{
    case Fits = 'fits';
    /** It fits, by less than the measuring uncertainty. */
    case FitsUnproved = 'fits-unproved';
    /** Something has to be measured first; the reason says what. */
    case CannotTell = 'cannot-tell';
    case DoesNotFit = 'does-not-fit';

    public static function ofVerdict(Verdict $verdict): self
    {
        return match ($verdict) {
            Verdict::Inside => self::Fits,
            Verdict::NotProved => self::FitsUnproved,
            Verdict::Out => self::DoesNotFit,
        };
    }

    /** The stricter of two comes later in the list of cases. */
    public function strictness(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function lets(): bool
    {
        return self::Fits === $this || self::FitsUnproved === $this;
    }
}
