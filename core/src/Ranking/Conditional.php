<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Values;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** Needs of parts that are in the box for some jobs only. */
final readonly class Conditional
{
    /**
     * @param array<string, Length>                  $dimensions of the size, where the condition asks for them
     * @param array<string, list<array{int, Range}>> $needs      by column: rows and what narrows them
     */
    public function __construct(public Formula $when, public array $dimensions, public array $needs)
    {
    }

    /**
     * False only when its condition is known to hold on no cable.
     *
     * @param list<Values> $cables
     */
    public function isIn(array $cables): bool
    {
        foreach ($cables as $values) {
            foreach ($this->dimensions as $name => $length) {
                $values = $values->with($name, $length);
            }
            if (!$this->when->isKnown($values) || $this->when->holds($values)) {
                return true;
            }
        }

        return false;
    }
}
