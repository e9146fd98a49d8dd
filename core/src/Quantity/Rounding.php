<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** Which way a division that does not come out whole is taken; there is no default. */
enum Rounding
{
    case Down;
    case Up;
    case Nearest;

    /** @return int the whole number beside $dividend / $divisor; halves go away from zero */
    public function divide(int $dividend, int $divisor): int
    {
        $down = intdiv($dividend, $divisor);
        $rest = $dividend - $down * $divisor;
        if (0 === $rest) {
            return $down;
        }
        $isNegative = ($rest < 0) !== ($divisor < 0);
        $down = $isNegative ? $down - 1 : $down;

        return match ($this) {
            self::Down => $down,
            self::Up => $down + 1,
            self::Nearest => 2 * abs($rest) >= abs($divisor) ? ($isNegative ? $down : $down + 1) : ($isNegative ? $down + 1 : $down),
        };
    }
}
