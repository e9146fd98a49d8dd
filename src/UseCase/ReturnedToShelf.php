<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\BoxReturn;
use Berm\Core\Stores\Box;

/** Onto the shelf that it stood on. */
final readonly class ReturnedToShelf implements BoxReturns
{
    public function __construct(private Boxes $boxes)
    {
    }

    public function take(BoxReturn $return, string $job): void
    {
        $this->boxes->change($return->box, static fn (Box $box): Box => null === $return->counts
            ? $box->closed()
            : $box->openedFor($job, $return->counts->entry->at, $return->counts->event->missing));
    }
}
