<?php

declare(strict_types=1);

namespace App\Security;

enum Permission: string
{
    case Read = 'read';
    /** Make jobs, choose cables, kits and connectors, enter readings. */
    case Plan = 'plan';
    case AddCable = 'add-cable';
    /** Write drafts of kit sheets, and check and release those of others. */
    case WriteSheet = 'write-sheet';
    /** Throw a draft away that one wrote, or as administrator that of others, and put it back. */
    case DiscardDraft = 'discard-draft';
    /** Write the log: safety, cuts, parking, connector. */
    case Build = 'build';
    /** Put boxes into the stores. */
    case KeepStores = 'keep-stores';
    /** Set a box aside for a job, and open it. */
    case TakeBox = 'take-box';
    /** Let a cut or a check that is out stand, and release a hold point. */
    case AcceptDeviation = 'accept-deviation';
}
