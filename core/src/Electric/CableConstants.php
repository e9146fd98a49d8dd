<?php

declare(strict_types=1);

namespace Berm\Core\Electric;

use Berm\Core\Cable\Construction;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\Standard\Astm;
use Berm\Core\Cable\Standard\Iec60228;
use Berm\Core\Cable\Standard\NotInStandard;
use Berm\Core\Conductor\Conductor;

/** What follows electrically from a construction; null where a diameter or a table value is missing. */
final readonly class CableConstants
{
    private function __construct(
        /** Greatest DC resistance at 20 °C, Ω/km. */
        public ?float $resistance,
        public string $resistanceSource,
        /** To the screen, µF/km. */
        public ?float $capacitance,
    ) {
    }

    public static function of(Construction $cable): self
    {
        [$resistance, $source] = self::resistance($cable->design->conductor);

        return new self($resistance, $source, self::capacitance($cable));
    }

    /** @return array{float|null, string} */
    private static function resistance(Conductor $conductor): array
    {
        try {
            if (str_ends_with($conductor->size->label, 'mm²')) {
                return [
                    Iec60228::greatestResistance($conductor->material, $conductor->shape, (int) round($conductor->size->area)),
                    'greatest, IEC 60228',
                ];
            }
            $at75 = Astm::resistanceAt75($conductor->size->label, $conductor->material);

            return [Core::resistanceAt20($at75, $conductor->material, 75), 'NEC chapter 9 table 8, taken to 20 °C'];
        } catch (NotInStandard) {
            return [null, ''];
        }
    }

    private static function capacitance(Construction $cable): ?float
    {
        $inner = $cable->diameterOver(LayerKind::ConductorScreen) ?? $cable->diameterOver(LayerKind::Conductor);
        $outer = $cable->diameterOver(LayerKind::Insulation);

        // A belted core has no screen of its own: its field is not that of a cylinder.
        return null === $inner || null === $outer || $cable->design->isBelted() ? null : Core::capacitance(
            Core::permittivity($cable->design->insulation), $outer, $inner,
        );
    }
}
