<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

/** What stands between the two conductors. */
enum CentreStop: string
{
    case None = 'none';
    /** Stops a conductor; lets oil through. */
    case Partial = 'partial';
    /** A wall: what a paper cable needs beside a polymeric one. */
    case Solid = 'solid';
}
