<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** The very instrument that sent a reading, when it read it, and what its own record says of it. */
final readonly class SentBy
{
    public const MOST_UNCERTAIN_MICROMETRES = 5000;

    public function __construct(
        public string $serial,
        public \DateTimeImmutable $readAt,
        /** The last day on which its calibration holds; null where its record does not say. */
        public ?\DateTimeImmutable $calibratedUntil,
        /** Of a length, as its certificate has it; null: what its kind has by common practice. */
        public ?Length $uncertainty,
    ) {
    }

    /** The last day belongs to it. */
    public function wasOutOfCalibration(): bool
    {
        return null !== $this->calibratedUntil && $this->calibratedUntil->format('Y-m-d') < $this->readAt->format('Y-m-d');
    }

    /** "4711", and that its calibration had run out, where it had. */
    public function inWords(): string
    {
        return match (true) {
            null === $this->calibratedUntil => "$this->serial, calibration not known",
            $this->wasOutOfCalibration() => "$this->serial, OUT OF CALIBRATION since {$this->calibratedUntil->format('j M Y')}",
            default => $this->serial,
        };
    }
}
