<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Revision;

/** Which revisions of kit sheets nobody builds by any more. */
interface WithdrawalReasons
{
    /** Why it was withdrawn; null: it was not. */
    public function reason(Revision $revision): ?string;
}
