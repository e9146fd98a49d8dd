<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\Where;

/** An engineer lets a check that is out stand, and says why. */
final readonly class CheckAccepted implements Event
{
    public function __construct(public string $stage, public string $check, public Where $where, public string $reason)
    {
    }

    public function key(): string
    {
        return CheckKey::of($this->stage, $this->check, $this->where);
    }
}
