<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\CoreError;

/** When an entry is said to have been made cannot be. */
final class ImpossibleTime extends \DomainException implements CoreError
{
    private function __construct(string $message, /** The field at fault. */ public readonly string $field)
    {
        parent::__construct($message);
    }

    /** @internal */
    public static function ahead(\DateTimeImmutable $doneAt): self
    {
        return new self(\sprintf('lies ahead, at %s: say when it was done.', $doneAt->format(\DATE_ATOM)), 'doneAt');
    }

    /** @internal */
    public static function tooOld(int $days): self
    {
        return new self("lies more than $days days back: check the date.", 'doneAt');
    }

    /** @internal */
    public static function sentBeforeMade(): self
    {
        return new self('lies before "madeAt": the clock of the device was set back. Say when it was done, under "doneAt".', 'sentAt');
    }
}
