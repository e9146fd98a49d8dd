<?php

declare(strict_types=1);

namespace App\Security;

enum Permission: string
{
    case Read = 'read';
    case Plan = 'plan';
    case AddCable = 'add-cable';
    case WriteSheet = 'write-sheet';
    case DiscardDraft = 'discard-draft';
    case Build = 'build';
    case KeepStores = 'keep-stores';
    case TakeBox = 'take-box';
    case AcceptDeviation = 'accept-deviation';
    case WriteNote = 'write-note';
    case GiveJob = 'give-job';
    case GiveEveryJob = 'give-every-job';
    case ManagePeople = 'manage-people';

    /** The deed, as it is said to people. */
    public function deed(): string
    {
        return match ($this) {
            self::Read => 'read jobs, cables, kits, connectors, stores and records',
            self::Plan => 'make jobs; in a job that is theirs, choose cables, kit and connector and enter readings',
            self::AddCable => 'add cable types',
            self::WriteSheet => 'write kit sheets and connectors, release drafts of others, look at cables and connectors that others wrote',
            self::DiscardDraft => 'throw away a draft that they wrote in (an administrator: any), and put it back',
            self::Build => 'in a job that is theirs, write the log: safety, cuts, parking, checks, connector; withdraw such entries',
            self::KeepStores => 'put boxes and tools into the stores',
            self::TakeBox => 'set a box aside for a job, and open it',
            self::AcceptDeviation => 'in a job that is theirs, let stand what is out and release hold points; withdraw such entries',
            self::WriteNote => 'in a job that is theirs, write notes, add pictures, call an engineer',
            self::GiveJob => 'give a job that is theirs to others',
            self::GiveEveryJob => 'give any job to anybody, and so take it on',
            self::ManagePeople => 'add people, change their roles, suspend them, give one-time passwords, end sessions',
        };
    }
}
