<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\SizeRange;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Toleranced;

/** One side of a connector, or a lug's: the conductors that it takes and how far they go in. */
final readonly class Barrel
{
    /** @param non-empty-list<ConductorMaterial> $materials both for one that is tin-plated and rated for both */
    private function __construct(
        public array $materials,
        public SizeRange $sizes,
        /** Widest conductor that enters. */
        public Length $bore,
        /** How far the conductor goes in, from the mouth. */
        public Length $depth,
        public ?Crimps $crimps,
    ) {
    }

    /**
     * @param list<ConductorMaterial> $materials
     *
     * @throws ImpossibleConnector
     */
    public static function of(array $materials, SizeRange $sizes, Length $bore, Length $depth, ?Crimps $crimps): self
    {
        return [] === $materials ? throw ImpossibleConnector::noMaterial() : new self($materials, $sizes, $bore, $depth, $crimps);
    }

    /** How much longer this side is once it is crimped; zero for bolts, and where the maker does not say. */
    public function growth(): Length
    {
        return $this->grows()->value;
    }

    /** The same, with what its maker allows it to differ. */
    public function grows(): Toleranced
    {
        return $this->crimps?->totalGrowth() ?? Toleranced::exact(Length::ofNanometres(0));
    }

    public function equals(self $other): bool
    {
        return serialize($this) === serialize($other);
    }

    public function takes(CableEnd $cable): bool
    {
        $conductor = $cable->construction->design->conductor;

        return \in_array($conductor->material, $this->materials, true) && $this->sizes->contains($conductor->size);
    }
}
