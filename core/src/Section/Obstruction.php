<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Margin\Cause;
use Berm\Core\Profile\Turn;

/** What an item has to pass. @internal */
final readonly class Obstruction
{
    /**
     * @param \Closure(Turn): float $outside in mm
     * @param array<string, Cause>  $causes  by their id
     */
    public function __construct(public string $name, private \Closure $outside, public array $causes)
    {
    }

    public function outside(Turn $turn): float
    {
        return ($this->outside)($turn);
    }

    public function most(): float
    {
        return $this->outside(Turn::most());
    }
}
