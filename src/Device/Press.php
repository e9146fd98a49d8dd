<?php

declare(strict_types=1);

namespace App\Device;

/** A press that knows the die in its jaws and the force that each stroke came to. */
final readonly class Press implements StandIn
{
    public function read(string $before): array
    {
        $die = trim($before);
        if ('' === $die || mb_strlen($die) > 40) {
            throw new CannotRead('Say which die is in its jaws, as the connector’s sheet names it.');
        }

        return [
            'name' => 'Press', 'sentBy' => ['serial' => 'P-6030'], 'press' => ['die' => $die, 'force' => '60.4 kN'],
        ];
    }
}
