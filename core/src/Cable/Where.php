<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

/** Which end, which core; null where there is but one, or all are meant. */
final readonly class Where
{
    private function __construct(public ?End $end, public ?int $core)
    {
    }

    public static function of(?End $end, ?int $core): self
    {
        return new self($end, $core);
    }

    /** "", "A", "/2" or "A/2". */
    public function key(): string
    {
        return $this->end?->value.(null === $this->core ? '' : "/$this->core");
    }

    /** "", "end A", "core 2" or "end A, core 2". */
    public function label(): string
    {
        return implode(', ', array_filter([null === $this->end ? '' : "end {$this->end->value}", null === $this->core ? '' : "core $this->core"], static fn (string $part): bool => '' !== $part));
    }
}
