<?php

declare(strict_types=1);

namespace Berm\Core;

/** Which sheet, and which numbered revision of it: what a job pins, so that it can be computed again in ten years. */
final readonly class Revision
{
    private function __construct(public string $id, public int $number)
    {
    }

    /** @throws BadRevision */
    public static function of(string $id, int $number): self
    {
        if (1 !== preg_match('/\A[a-z0-9][a-z0-9.-]{0,79}\z/', $id)) {
            throw BadRevision::id($id);
        }

        return $number >= 1 ? new self($id, $number) : throw BadRevision::number($number);
    }

    public function equals(self $other): bool
    {
        return $this->id === $other->id && $this->number === $other->number;
    }
}
