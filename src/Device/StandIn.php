<?php

declare(strict_types=1);

namespace App\Device;

/** Stands in for an instrument: each press of its button reads what is before it, as finely and as truly as such an instrument does. */
interface StandIn
{
    /**
     * @param string $before what is before it in truth: a length between its jaws, a torque, a die; empty: what it has by itself
     *
     * @return array<string, mixed> what it says, as ReportedFile has it, without when
     *
     * @throws CannotRead
     */
    public function read(string $before): array;
}
