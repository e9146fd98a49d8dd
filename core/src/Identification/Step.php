<?php

declare(strict_types=1);

namespace Berm\Core\Identification;

use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MeasuredDiameter;

/** From one measured diameter to the next one out; the first starts from nothing. */
final readonly class Step
{
    private function __construct(
        public ?LayerKind $beneath,
        public LayerKind $kind,
        /** How much the diameter grows, in nanometres. */
        public int $growth,
        public int $uncertainty,
        /** The diameter itself. */
        public int $over,
    ) {
    }

    public static function of(?LayerKind $beneath, LayerKind $kind, MeasuredDiameter $over, ?MeasuredDiameter $under): self
    {
        $uncertainty = null === $under ? $over->uncertainty->nanometres : (int) round(hypot(
            $over->uncertainty->nanometres, $under->uncertainty->nanometres,
        ));

        return new self($beneath, $kind, $over->mean->nanometres - ($under->mean->nanometres ?? 0), $uncertainty, $over->mean->nanometres);
    }
}
