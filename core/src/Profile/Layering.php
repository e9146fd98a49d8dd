<?php

declare(strict_types=1);

namespace Berm\Core\Profile;

use Berm\Core\Margin\Cause;
use Berm\Core\Material\Shrink;
use Berm\Core\Material\Stretch;

/** What an item makes of the diameter beneath it. */
final readonly class Layering
{
    private function __construct(public LayeringKind $kind, public Dim $first, public Dim $second)
    {
    }

    public static function shrunk(Dim $bore, Dim $wall): self
    {
        return new self(LayeringKind::Shrunk, $bore, $wall);
    }

    public static function stretched(Dim $bore, Dim $wall): self
    {
        return new self(LayeringKind::Stretched, $bore, $wall);
    }

    /** @param Dim $onDiameter what it adds to the diameter */
    public static function adding(Dim $onDiameter): self
    {
        return new self(LayeringKind::Adding, $onDiameter, Dim::exact(0.0));
    }

    /** It has its own shape: no smaller than what lies beneath. */
    public static function shaped(Dim $outside): self
    {
        return new self(LayeringKind::Shaped, $outside, Dim::exact(0.0));
    }

    public static function nothing(): self
    {
        return self::adding(Dim::exact(0.0));
    }

    /** @return array<string, Cause> of its own, by their id */
    public function causes(): array
    {
        return $this->first->causes + $this->second->causes;
    }

    public function outside(float $beneath, Turn $turn): float
    {
        return match ($this->kind) {
            LayeringKind::Shrunk => Shrink::outside($beneath, $this->first->at($turn), $this->second->at($turn)),
            LayeringKind::Stretched => Stretch::outside($beneath, $this->first->at($turn), $this->second->at($turn)),
            LayeringKind::Adding => $beneath + $this->first->at($turn),
            LayeringKind::Shaped => max($beneath, $this->first->at($turn)),
        };
    }
}
