<?php

declare(strict_types=1);

namespace App\UseCase\Instruments;

interface InstrumentTokens
{
    /** @return list<InstrumentToken> in the order in which they were made; those that ended with their sessions too */
    public function of(string $person): array;

    public function find(string $hash): ?InstrumentToken;

    /** @return bool whether it was added: of one id there is one */
    public function add(InstrumentToken $token, string $hash): bool;

    public function used(InstrumentToken $token, \DateTimeImmutable $at): void;

    /** Nothing where it is not theirs, or gone already. */
    public function end(string $person, string $id): void;
}
