<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** When something was done, where that is not when the server took it. */
final readonly class Timing
{
    private const OLDEST_DAYS = 60;

    private function __construct(
        /** Null: when the server took it. */
        public ?\DateTimeImmutable $doneAt,
        /** Somebody said so; else the device's clock did. */
        public bool $isTold,
        /** What the device's own clock showed when the entry was made. */
        public ?\DateTimeImmutable $deviceAt,
        /** How many lines of the log had reached whoever made it; null: all that are before it. */
        public ?int $heard,
    ) {
    }

    public static function atOnce(): self
    {
        return new self(null, false, null, null);
    }

    public static function kept(?\DateTimeImmutable $doneAt, bool $isTold, ?\DateTimeImmutable $deviceAt, ?int $heard = null): self
    {
        return new self($doneAt, $isTold, $deviceAt, $heard);
    }

    /** @param int $lines fewer than the log has: others wrote what had not reached whoever made this */
    public function withHeard(int $lines): self
    {
        return new self($this->doneAt, $this->isTold, $this->deviceAt, $lines);
    }

    /**
     * Of an entry that was made on a device and sent some time later. The device's clock may be wrong, but it goes as fast as the server's:
     * how long the entry waited is known.
     *
     * @param \DateTimeImmutable|null $told when it was done, where somebody says so
     *
     * @throws ImpossibleTime
     */
    public static function sent(
        \DateTimeImmutable $now, ?\DateTimeImmutable $madeAt, ?\DateTimeImmutable $sentAt, ?\DateTimeImmutable $told,
    ): self {
        $waited = null === $madeAt || null === $sentAt ? 0 : $sentAt->getTimestamp() - $madeAt->getTimestamp();
        if ($waited < 0) {
            throw ImpossibleTime::sentBeforeMade();
        }
        $doneAt = $told ?? $now->setTimestamp($now->getTimestamp() - $waited);
        if ($now < $doneAt) {
            throw ImpossibleTime::ahead($doneAt);
        }
        if ($now->getTimestamp() - $doneAt->getTimestamp() > self::OLDEST_DAYS * 86_400) {
            throw ImpossibleTime::tooOld(self::OLDEST_DAYS);
        }

        return new self(null === $told && 0 === $waited ? null : $doneAt, null !== $told, $madeAt, null);
    }
}
