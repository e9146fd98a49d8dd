<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\Quantity\Length;

/** The flat end of a lug, with the holes that it is bolted on by. */
final readonly class Pad
{
    public function __construct(public Length $width, public int $holes, /** Diameter of a hole. */ public Length $hole)
    {
    }
}
