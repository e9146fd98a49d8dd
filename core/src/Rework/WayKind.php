<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

/** What can be done about a cut that is out. */
enum WayKind: string
{
    case MeasureAgain = 'measure-again';
    case CutOn = 'cut-on';
    case LetStand = 'let-stand';
    case CutBack = 'cut-back';
    case OtherConnector = 'other-connector';
    case MakeSafe = 'make-safe';
}
