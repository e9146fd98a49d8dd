<?php

declare(strict_types=1);

namespace Berm\Core\Instrument;

/** What an instrument can say: the field that it stands in. */
enum ReportKind: string
{
    /** A caliper, a diameter tape, a rule. */
    case Reading = 'reading';
    /** A torque wrench. */
    case Torque = 'torque';
    /** A press: die and force of one crimp. */
    case Press = 'press';
    /** A thermo-hygrometer. */
    case Air = 'air';
    /** A label reader. */
    case Label = 'label';
}
