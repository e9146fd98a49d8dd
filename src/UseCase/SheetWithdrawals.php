<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Revision;

/** Revisions of kit sheets that nobody builds by any more. */
interface SheetWithdrawals extends WithdrawalReasons
{
    /** @return list<Revision> */
    public function all(): array;

    /** Twice is once: the first reason stays. Every job that is planned by it is known to have changed. */
    public function add(Revision $revision, string $reason, string $by): void;
}
