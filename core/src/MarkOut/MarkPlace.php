<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Place\Keyed;

/** Which cut on which end, and on which core where each core has it by itself. */
final readonly class MarkPlace implements Keyed
{
    private function __construct(public End $end, public Cut $cut, public ?int $core)
    {
    }

    /** @param int|null $core from 1; null where the end has one core, or the cut goes round all */
    public static function of(End $end, Cut $cut, ?int $core = null): self
    {
        return new self($end, $cut, $core);
    }

    public function onCore(?int $core): self
    {
        return new self($this->end, $this->cut, $core);
    }

    /** Another cut of the same end and core. */
    public function cut(Cut $cut): self
    {
        return new self($this->end, $cut, $this->core);
    }

    /** The same cut, of the same core, on the other end of a joint. */
    public function onOtherEnd(): self
    {
        return new self(End::A === $this->end ? End::B : End::A, $this->cut, $this->core);
    }

    public function equals(self $other): bool
    {
        return $this->path() === $other->path();
    }

    public function where(): Where
    {
        return Where::of($this->end, $this->core);
    }

    /** "the cut of the [armour] of end A, core 2", for a sentence. */
    public function inWords(): string
    {
        return "the cut of the [{$this->cut->layer()->label()}] of {$this->where()->label()}";
    }

    public function path(): array
    {
        return [$this->end->value, $this->cut->value, $this->core ?? 0];
    }
}
