<?php

declare(strict_types=1);

namespace Berm\Core\Check;

/**
 * When Berm itself asks for the phase of every core, where the sheet does not. Common practice: phases crossed are found by nothing
 * later.
 */
enum PhaseCheck: string
{
    case Before = 'phase-before';
    case After = 'phase-after';

    public function ask(): string
    {
        return match ($this) {
            self::Before => 'Which phase it is at both its ends, and how that was proved',
            self::After => 'Which phase it is at both its ends, proved again',
        };
    }

    public function check(): Check
    {
        return new Check(
            $this->value, $this->ask(), Each::Core, null, new PhaseKnown(),
            'Phases that are crossed short the network, or turn its motors round.', 'Identify again, from the other end.',
        );
    }
}
