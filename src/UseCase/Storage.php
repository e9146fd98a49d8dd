<?php

declare(strict_types=1);

namespace App\UseCase;

/** Where all of it is kept. */
interface Storage
{
    /** Throws when it does not answer. */
    public function look(): void;
}
