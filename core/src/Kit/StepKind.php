<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** What is done in a step. */
enum StepKind: string
{
    /** An item waits on the cable, to be brought to its place later. */
    case Park = 'park';
    /** An item lies at its place, and can still be moved. */
    case Place = 'place';
    /** An item is set: shrunk, pulled, pushed home, wound, laid or spread. */
    case Set = 'set';
    /** A temporary item comes off. */
    case Off = 'off';
    case Cut = 'cut';
    /** The connector or lug is fixed. */
    case Connector = 'connector';
    /** Something from the box is used that has no place of its own. */
    case Use = 'use';
    case Check = 'check';
    /** Anything else, in a sentence. */
    case Say = 'say';
}
