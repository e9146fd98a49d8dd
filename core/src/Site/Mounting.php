<?php

declare(strict_types=1);

namespace Berm\Core\Site;

/** Which way up a termination stands: upside down, its sheds turn round. */
enum Mounting: string
{
    case Upright = 'upright';
    case Inverted = 'inverted';
}
