<?php

declare(strict_types=1);

namespace App\Hand;

/** What a message asks for. */
enum Errand: string
{
    case Open = 'open';
    case Ask = 'ask';
    case Close = 'close';
    case Bench = 'bench';
}
