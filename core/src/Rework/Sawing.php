<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Cable\End;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** How much is sawn off which end: as it is measured, it is written down. */
final readonly class Sawing
{
    /** @param non-empty-array<string, Length> $amounts by End value */
    private function __construct(
        public array $amounts,
        /** Between which limits that puts it right; null: so much at least. */
        public ?Range $window,
    ) {
    }

    public static function off(End $end, Length $amount, ?Range $window): self
    {
        return new self([$end->value => $amount], $window);
    }

    /** @param non-empty-array<string, Length> $amounts by End value */
    public static function offEach(array $amounts): self
    {
        return new self($amounts, null);
    }

    public function all(): Length
    {
        return Length::sum(...array_values($this->amounts));
    }
}
