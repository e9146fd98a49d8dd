<?php

declare(strict_types=1);

namespace App\UseCase;

/** Nobody of that name can be given a job. */
final class NoSuchHand extends \DomainException
{
    public static function of(string $id): self
    {
        return new self(\sprintf('"%s" is no jointer or engineer who works here.', mb_strimwidth($id, 0, 40, '…')));
    }
}
