<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

/** What can be done about what is out. */
enum WayKind: string
{
    case MeasureAgain = 'measure-again';
    case CutOn = 'cut-on';
    case LetStand = 'let-stand';
    case OtherSide = 'other-side';
    case Fill = 'fill';
    case Dress = 'dress';
    case Mend = 'mend';
    case Move = 'move';
    case Trim = 'trim';
    case CutBack = 'cut-back';
    case OneCore = 'one-core';
    case TakeOff = 'take-off';
    case OtherConnector = 'other-connector';
    case OtherKit = 'other-kit';
    case CutOut = 'cut-out';
    case StartOver = 'start-over';
    case PutIn = 'put-in';
    case MakeSafe = 'make-safe';
}
