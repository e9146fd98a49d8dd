<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\Cable\Where;
use Berm\Core\Place\Keyed;

/** Which check of which stage, at which end and core, and on which of several bolts, crimps or sheds. */
final readonly class CheckPlace implements Keyed
{
    private function __construct(
        public string $stage, public string $check, public Where $where,
        /** From 1; null where it is made but once there. */ public ?int $number,
    ) {
    }

    public static function of(string $stage, string $check, Where $where, ?int $number = null): self
    {
        return new self($stage, $check, $where, $number);
    }

    public function equals(self $other): bool
    {
        return $this->path() === $other->path();
    }

    public function path(): array
    {
        return [$this->stage, $this->check, ...$this->where->path(), ...(null === $this->number ? [] : [$this->number])];
    }
}
