<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

use Berm\Core\CoreError;

/** A formula asks for a value that this job does not have (yet). */
final class MissingValue extends \DomainException implements CoreError
{
    private function __construct(string $message, public readonly string $name)
    {
        parent::__construct($message);
    }

    /** @internal */
    public static function named(string $name): self
    {
        return new self(\sprintf('there is no value for "%s" yet.', $name), $name);
    }
}
