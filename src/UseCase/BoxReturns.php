<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\BoxReturn;

/** A box that a withdrawn entry had opened is closed again. */
interface BoxReturns
{
    /** @throws BoxNotFound */
    public function take(BoxReturn $return, string $job): void;
}
