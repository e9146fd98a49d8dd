<?php

declare(strict_types=1);

namespace App\UseCase\Chain;

/** The signed lists. */
interface HeadLists
{
    /** @return iterable<HeadList|null> by number; null for what is kept and is no such list */
    public function all(): iterable;

    public function add(HeadList $list): void;
}
