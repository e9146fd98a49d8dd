<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\End;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Reading;

/** A cut was made and measured from the cable end; a later reading of the same cut takes its place. */
final readonly class CutMeasured implements Event
{
    public function __construct(public End $end, public Cut $cut, /** Null where the end has one core, or the cut goes round all. */ public ?int $core, public Reading $reading)
    {
    }
}
