<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;

/** A box that cannot be taken for a job, and why. */
final class BoxRefused extends \RuntimeException
{
    public function __construct(public readonly Sentence $reason)
    {
        parent::__construct((new Reader(LengthUnit::Millimetre))->say($reason));
    }
}
