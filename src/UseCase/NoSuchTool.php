<?php

declare(strict_types=1);

namespace App\UseCase;

/** A bench tool that is asked for and is none. */
final class NoSuchTool extends \RuntimeException
{
    public static function withKey(string $key): self
    {
        return new self(\sprintf('There is no tool “%s” on the bench: take one of them all.', mb_strimwidth(mb_scrub($key), 0, 40, '…')));
    }
}
