<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\Site\Place;

/** What Berm itself asks before something that can hurt people, whether the leaflet says so or not. Common practice. */
enum Safeguard: string
{
    case Flame = 'before-the-flame';
    case Lead = 'before-the-lead';

    public function check(?Place $place): Check
    {
        return new Check($this->value, $this->ask($place), Each::Once, null, new Look(), $this->reason(), $this->mend());
    }

    public function ask(?Place $place): string
    {
        $gas = Place::Indoor === $place || Place::Outdoor === $place ? 'air moves' : 'gas and oxygen tested within the local limits';

        return match ($this) {
            self::Flame => "Before the flame: solvent dry, its wipes away, $gas, extinguisher at hand",
            self::Lead => 'Before the lead: gloves on, nothing to eat or drink here, water to wash with',
        };
    }

    private function reason(): string
    {
        return match ($this) {
            self::Flame => 'Solvent vapour and gas burn, and a torch uses up the oxygen of a pit.',
            self::Lead => 'Lead and its dust poison by hand and mouth.',
        };
    }

    private function mend(): string
    {
        return match ($this) {
            self::Flame => 'No flame yet: let it dry, take the wipes away, let air in and test again.',
            self::Lead => 'Gloves first, and wash before anything else.',
        };
    }
}
