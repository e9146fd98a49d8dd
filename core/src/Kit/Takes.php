<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\MarkOut\Cut;

/** The kinds of cable that a kit takes at one end. */
final readonly class Takes
{
    /**
     * @param non-empty-list<InsulationMaterial> $insulations
     * @param non-empty-list<MetallicScreen>     $screens
     * @param non-empty-list<Armour>             $armours
     */
    public function __construct(public Cores $cores, public array $insulations, public array $screens, public array $armours)
    {
    }

    /** Whether some cable that it takes is cut so. */
    public function mayHave(Cut $cut): bool
    {
        return match ($cut) {
            Cut::LeadSheath => \in_array(MetallicScreen::LeadSheath, $this->screens, true),
            Cut::Belt => [] !== array_filter(
                $this->insulations, static fn (InsulationMaterial $material): bool => !$material->isExtruded(),
            ),
            Cut::MetallicScreen => [MetallicScreen::LeadSheath] !== $this->screens,
            Cut::Armour => [Armour::None] !== $this->armours,
            // A single core without armour has nothing between its screen and its sheath that would be cut by itself.
            Cut::Bedding => Cores::Three === $this->cores || [Armour::None] !== $this->armours,
            Cut::Oversheath, Cut::InsulationScreen, Cut::Insulation => true,
        };
    }

    /** Whether a sheet for such cables must say where it is cut. */
    public function needs(Cut $cut): bool
    {
        return match ($cut) {
            Cut::Belt => false,
            Cut::Bedding => $this->mayHave(Cut::Armour),
            Cut::InsulationScreen => $this->hasExtruded(),
            default => $this->mayHave($cut),
        };
    }

    public function hasExtruded(): bool
    {
        return [] !== array_filter($this->insulations, static fn (InsulationMaterial $material): bool => $material->isExtruded());
    }
}
