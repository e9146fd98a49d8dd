<?php

declare(strict_types=1);

namespace App\UseCase\Instruments;

/** What an instrument sent for somebody, until one of their pages takes it. */
final readonly class SentReading
{
    /** @param array<string, mixed> $report as ReportedFile has it */
    public function __construct(
        public string $id,
        public string $person,
        public array $report,
        /** By this server's clock. */
        public \DateTimeImmutable $readAt,
    ) {
    }

    public function wasOutOfCalibration(): bool
    {
        return true === ($this->report['outOfCalibration'] ?? false);
    }

    public function ageSeconds(\DateTimeImmutable $now): int
    {
        return max(0, $now->getTimestamp() - $this->readAt->getTimestamp());
    }
}
