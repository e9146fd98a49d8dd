<?php

declare(strict_types=1);

namespace App\Security;

/** Something about an account cannot be so; the sentence says why and what to do. */
final class AccountRefused extends \DomainException
{
    private function __construct(public readonly string $field, string $message, public readonly int $status)
    {
        parent::__construct($message);
    }

    public static function because(string $field, string $message): self
    {
        return new self($field, $message, 422);
    }

    public static function inTheWay(string $message): self
    {
        return new self('', $message, 409);
    }

    public static function unknown(string $name): self
    {
        return new self('', \sprintf('There is nobody called "%s".', mb_strimwidth($name, 0, 40, '…')), 404);
    }
}
