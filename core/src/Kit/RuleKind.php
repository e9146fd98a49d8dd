<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** What a rule asks of where things lie, or of how thick they are there. */
enum RuleKind: string
{
    /** Lies on it over at least, and at most, so much. */
    case Laps = 'laps';
    /** Covers all of it, and at least so much more on both sides. */
    case Covers = 'covers';
    /** Its edge meets the other's, within so much. */
    case Butts = 'butts';
    /** Leaves so much between. */
    case Gap = 'gap';
    /** Its edge towards the conductor stops so much before the other's. */
    case EndsShortOf = 'ends-short-of';
    /** Their middles agree within so much. */
    case CentredOn = 'centred-on';
    /** Keeps clear of it by so much, wherever both lie. */
    case ClearOf = 'clear-of';
    /** From one place to another it is so far. */
    case Distance = 'distance';
    /** Between two places nothing of a kind stays bare. */
    case NoBare = 'no-bare';
    /** Passes whatever lies on its way, at that moment, with so much to spare on the diameter. */
    case Passes = 'passes';
    /** Is tight by so much on the diameter, wherever it lies. */
    case Grips = 'grips';
    /** Is so thick, all walls together. */
    case Wall = 'wall';
    /** Comes to such a diameter. */
    case Build = 'build';
    /** Is stretched by so much over what lies beneath, on the diameter. */
    case Interference = 'interference';
    /** Is so much longer than it must reach. */
    case Reaches = 'reaches';
    /** Measures alike, within so much, on both ends or on all cores. */
    case SameOn = 'same-on';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** Its limits are of a diameter or of walls, not of a place along the axis. */
    public function isRadial(): bool
    {
        return match ($this) {
            self::Passes, self::Grips, self::Wall, self::Build, self::Interference => true,
            self::Laps, self::Covers, self::Butts, self::Gap, self::EndsShortOf, self::CentredOn, self::ClearOf, self::Distance,
            self::NoBare,
            self::Reaches, self::SameOn => false,
        };
    }

    /** Says within how much, so that nothing is its least. */
    public function isWithin(): bool
    {
        return self::Butts === $this || self::CentredOn === $this || self::SameOn === $this;
    }
}
