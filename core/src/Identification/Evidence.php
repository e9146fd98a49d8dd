<?php

declare(strict_types=1);

namespace Berm\Core\Identification;

use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\Seen;

/** What is known of the cable in hand: a diameter, then the walls on it, and what the eye sees. */
final readonly class Evidence
{
    /** @param list<Step> $steps from the inside out */
    private function __construct(public array $steps, public Seen $seen)
    {
    }

    /**
     * Each measured layer counts with the wall from the measured one beneath, since the tolerances of diameters add up from layer to layer
     * and those of walls do not.
     */
    public static function of(AsFound $asFound): self
    {
        $steps = [];
        $beneath = null;
        foreach (LayerKind::cases() as $kind) {
            $measured = $asFound->diameterOver($kind);
            if (null === $measured) {
                continue;
            }
            $steps[] = Step::of($beneath, $kind, $measured, null === $beneath ? null : $asFound->diameterOver($beneath));
            $beneath = $kind;
        }

        return new self($steps, $asFound->seen);
    }

    public function isEmpty(): bool
    {
        return [] === $this->steps && $this->seen->isEmpty();
    }

    public function has(LayerKind $kind): bool
    {
        foreach ($this->steps as $step) {
            if ($step->kind === $kind) {
                return true;
            }
        }

        return false;
    }
}
