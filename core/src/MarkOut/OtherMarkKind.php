<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

/** What a mark is for that is no cut. */
enum OtherMarkKind: string
{
    /** On the conductor: at the mouth of the connector once the conductor is home. */
    case Insertion = 'insertion';
    /** From where to where something is cleaned, abraded or spread. */
    case Zone = 'zone';
    /** Of a tape or a line that comes off again. */
    case Marker = 'marker';
}
