<?php

declare(strict_types=1);

namespace Berm\Core\Check;

/** By what the phase of a core was proved. Common practice. */
enum ProvedBy: string
{
    /** Rung out from the other end: a resistance, a lamp, a buzzer. */
    case Continuity = 'continuity';
    /** A signal that was sent in at the other end. */
    case Signal = 'signal';
    /** A comparison at voltage, by those whose work it is. */
    case Phasing = 'phasing';
    /** Numbers or colours of the cores alone. */
    case Marks = 'marks';

    public function inWords(): string
    {
        return match ($this) {
            self::Continuity => 'rung out from the other end',
            self::Signal => 'by a signal sent in at the other end',
            self::Phasing => 'compared at voltage',
            self::Marks => 'by the marks on the cores alone',
        };
    }
}
