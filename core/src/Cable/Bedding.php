<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

/** What lies under the armour: an extruded inner sheath, or lapped and impregnated tapes. */
enum Bedding: string
{
    case None = 'none';
    case Extruded = 'extruded';
    case Lapped = 'lapped';
}
