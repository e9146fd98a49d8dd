<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Cable\AsFound;
use Berm\Core\Quantity\Reading;
use Berm\Core\Revision;

/** One cable end of a plan: which cable type it is said to be, and what was read on it. */
final readonly class EndDraft
{
    public function __construct(public ?Revision $cable, public AsFound $asFound, public ?Reading $freeLength)
    {
    }
}
