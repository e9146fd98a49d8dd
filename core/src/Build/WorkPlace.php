<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\Where;
use Berm\Core\Place\Keyed;

/** Which piece of work of which stage: what is placed, set, taken off or used, at which end and on which core. */
final readonly class WorkPlace implements Keyed
{
    private function __construct(
        public string $stage, public WorkKind $how,
        /** Key of the item; of what is used and has no place, of the stock. */
        public string $part, public Where $where,
    ) {
    }

    public static function of(string $stage, WorkKind $how, string $part, Where $where): self
    {
        return new self($stage, $how, $part, $where);
    }

    /** The same part at the same place, done otherwise. */
    public function by(WorkKind $how): self
    {
        return new self($this->stage, $how, $this->part, $this->where);
    }

    /** Wherever it is done. */
    public function anywhere(): self
    {
        return new self($this->stage, $this->how, $this->part, Where::of(null, null));
    }

    public function equals(self $other): bool
    {
        return $this->path() === $other->path();
    }

    public function path(): array
    {
        return [$this->stage, $this->how->value, $this->part, ...$this->where->path()];
    }
}
