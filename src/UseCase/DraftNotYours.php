<?php

declare(strict_types=1);

namespace App\UseCase;

/** Somebody else wrote it. */
final class DraftNotYours extends \DomainException
{
    public static function of(KitDraft $draft): self
    {
        return new self("$draft->author wrote this draft: only $draft->author or an administrator may throw it away.");
    }
}
