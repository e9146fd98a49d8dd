<?php

declare(strict_types=1);

namespace App\UseCase;

/** When the server heard last from those who work on a job: who took it along may be at it where there is no signal. */
interface LastHeard
{
    public function from(string $job, Who $who, \DateTimeImmutable $at): void;

    public function tookAlong(string $job, Who $who, \DateTimeImmutable $at): void;

    /** @return array<string, array{heardAt: \DateTimeImmutable, alongAt: \DateTimeImmutable|null}> by id */
    public function of(string $job): array;
}
