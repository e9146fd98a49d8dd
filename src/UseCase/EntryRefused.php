<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;

/** A gate is closed: the reason says what to do first. */
final class EntryRefused extends \RuntimeException
{
    public function __construct(public readonly Sentence $reason)
    {
        parent::__construct((new Reader(LengthUnit::Millimetre))->say($reason));
    }
}
