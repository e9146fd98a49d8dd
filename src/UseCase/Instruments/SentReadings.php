<?php

declare(strict_types=1);

namespace App\UseCase\Instruments;

interface SentReadings
{
    /** Sent twice, it is there once. */
    public function add(SentReading $reading): void;

    /** What is older, or one too many, is gone. */
    public function forgetBefore(string $person, \DateTimeImmutable $moment, int $most): void;

    /** @param list<string> $ids */
    public function taken(string $person, array $ids): void;

    /** @return list<SentReading> in the order in which they were read */
    public function of(string $person): array;
}
