<?php

declare(strict_types=1);

namespace Berm\Core\Profile;

/** How a coat's outside follows from what lies beneath it. @internal */
enum LayeringKind
{
    case Shrunk;
    case Stretched;
    case Adding;
    case Shaped;
}
