<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** What an item or a layer is electrically: what rules and the drawing's patterns read. */
enum ElectricalClass: string
{
    case Metal = 'metal';
    case Semiconducting = 'semiconducting';
    /** Controls the field, without conducting. */
    case Grading = 'grading';
    case Insulating = 'insulating';
    /** A zone, a tie, a label: nothing that rules reckon with. */
    case None = 'none';
}
