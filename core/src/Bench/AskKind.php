<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

/** What kind of thing a tool asks for. */
enum AskKind: string
{
    case Length = 'length';
    case Number = 'number';
    case Temperature = 'temperature';
    case Choice = 'choice';
    /** As it stands on a cable or a wrench: "4/0 AWG", "45 N·m". */
    case Text = 'text';
}
