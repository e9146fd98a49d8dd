<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\End;
use Berm\Core\Quantity\Reading;

/** Something is sawn off: what was cut on that end lies as much nearer to the cable end now. */
interface Shortens extends Undoes
{
    /** Null: nothing, of this end. */
    public function sawnOff(End $end): ?Reading;
}
