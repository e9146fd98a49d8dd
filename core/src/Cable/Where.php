<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Place\Keyed;

/** Which end, which core; null where there is but one, or all are meant. */
final readonly class Where implements Keyed
{
    private function __construct(public ?End $end, public ?int $core)
    {
    }

    public static function of(?End $end, ?int $core): self
    {
        return new self($end, $core);
    }

    public function path(): array
    {
        return [$this->end->value ?? '', $this->core ?? 0];
    }

    public function equals(self $other): bool
    {
        return $this->path() === $other->path();
    }

    /** One place, or where one of the two means all of them. */
    public function meets(self $other): bool
    {
        return (null === $this->end || null === $other->end || $this->end === $other->end)
            && (null === $this->core || null === $other->core || $this->core === $other->core);
    }

    /** "", or ", end A, core 2": to go after a title. */
    public function after(): string
    {
        return '' === $this->label() ? '' : ", {$this->label()}";
    }

    /** "", "end A", "core 2" or "end A, core 2". */
    public function label(): string
    {
        return match (true) {
            null === $this->core => null === $this->end ? '' : "end {$this->end->value}",
            null === $this->end => "core $this->core",
            default => "end {$this->end->value}, core $this->core",
        };
    }
}
