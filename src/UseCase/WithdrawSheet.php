<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Revision;

/** A revision of a kit sheet was found wrong: joints that are built by it stop, and say so. */
final readonly class WithdrawSheet
{
    public function __construct(private Sheets $sheets, private SheetWithdrawals $withdrawals)
    {
    }

    /** @throws SheetNotFound */
    public function __invoke(Revision $revision, string $reason, string $by): void
    {
        $this->sheets->kit($revision);
        $this->withdrawals->add($revision, $reason, $by);
    }
}
