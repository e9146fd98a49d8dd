<?php

declare(strict_types=1);

namespace App\UseCase\Instruments;

/** Lets the instruments of one person speak for them: known by the hash of its secret, which nobody can read again. */
final readonly class InstrumentToken
{
    public function __construct(
        public string $id, public string $person, /** Of the account when it was made: it ends with their sessions. */ public int $epoch,
        /** What they call it: "Bridge in the van". */ public string $name, public \DateTimeImmutable $madeAt,
        public ?\DateTimeImmutable $lastUsedAt,
    ) {
    }

    public static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
