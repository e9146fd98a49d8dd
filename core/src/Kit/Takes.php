<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\MetallicScreen;

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

    public function hasExtruded(): bool
    {
        return [] !== array_filter($this->insulations, static fn (InsulationMaterial $material): bool => $material->isExtruded());
    }
}
