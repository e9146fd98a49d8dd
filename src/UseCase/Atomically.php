<?php

declare(strict_types=1);

namespace App\UseCase;

/** Runs several deeds as one: all of them are kept, or none. */
interface Atomically
{
    /**
     * @template T
     *
     * @param callable(): T $deeds
     *
     * @return T what they give
     */
    public function run(callable $deeds): mixed;
}
