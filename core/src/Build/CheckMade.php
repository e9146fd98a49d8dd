<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\Where;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Torque;

/** A check of a stage was made; a later answer to the same check takes its place. */
final readonly class CheckMade implements Event
{
    public function __construct(
        public string $stage,
        public string $check,
        public Where $where,
        /** A reading, a torque, a count, yes or no, or what is printed; null for a wait, which the log's own times tell. */
        public Reading|Torque|int|bool|string|null $answer,
    ) {
    }

    public function key(): string
    {
        return CheckKey::of($this->stage, $this->check, $this->where);
    }
}
