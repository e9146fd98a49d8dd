<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Quantity\Reading;

/** Something is sawn off: what was cut on that end lies as much nearer to the cable end now. */
interface Shortens extends Undoes
{
    /**
     * Null: nothing, of this end or of this core of it.
     *
     * @param int|null $core null: all that the cores of the end share
     */
    public function sawnOff(End $end, ?int $core): ?Reading;

    /** It is another place now. */
    public function meets(Where $where): bool;
}
