<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Stores\Box;

final class BoxTaken extends \RuntimeException
{
    public static function bySerial(Box $box): self
    {
        return new self(\sprintf(
            'A box with item %s and serial %s is in the stores already: each box has its own.', $box->gtin->digits, $box->serial,
        ));
    }
}
