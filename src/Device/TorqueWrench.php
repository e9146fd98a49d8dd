<?php

declare(strict_types=1);

namespace App\Device;

use Berm\Core\Quantity\Torque;
use Berm\Core\Quantity\UnreadableTorque;

/** An electronic wrench: it tells the greatest torque of the last pull. */
final readonly class TorqueWrench implements StandIn
{
    public function read(string $before): array
    {
        try {
            $pulled = Torque::parse($before);
        } catch (UnreadableTorque $unreadable) {
            throw new CannotRead($unreadable->getMessage(), previous: $unreadable);
        }

        return [
            'name' => 'Torque wrench', 'sentBy' => ['serial' => 'W-118'],
            'torque' => number_format($pulled->newtonMetres() * 1.004, 1, '.', '').' N·m',
        ];
    }
}
