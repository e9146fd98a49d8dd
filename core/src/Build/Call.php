<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Build\Event\Answered;
use Berm\Core\Build\Event\Called;

/** Somebody called for an engineer, and what was answered. */
final readonly class Call
{
    /**
     * @param Done<Called>        $made
     * @param Done<Answered>|null $answered null: it waits
     */
    public function __construct(public Done $made, public ?Done $answered)
    {
    }

    public function isOpen(): bool
    {
        return null === $this->answered;
    }
}
