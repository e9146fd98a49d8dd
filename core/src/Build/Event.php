<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** Something that was done at the cable and written down. */
interface Event
{
}
