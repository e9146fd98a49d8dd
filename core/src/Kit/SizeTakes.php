<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Conductor\SizeRange;
use Berm\Core\Quantity\Range;

/** What one size of a kit takes at one end, in figures. */
final readonly class SizeTakes
{
    /**
     * @param list<ConductorMaterial> $materials empty: every one
     * @param list<ConductorShape>    $shapes    empty: every one
     */
    public function __construct(
        public SizeRange $conductors,
        public array $materials,
        public array $shapes,
        public Range $insulation,
        public Range $oversheath,
        /** Null on a kit for cables that have none. */
        public ?Range $leadSheath,
    ) {
    }

    /** Some cable would be taken by both. */
    public function meets(self $other): bool
    {
        return $this->conductors->meets($other->conductors)
            && self::share($this->materials, $other->materials)
            && self::share($this->shapes, $other->shapes)
            && $this->insulation->overlaps($other->insulation)
            && $this->oversheath->overlaps($other->oversheath)
            && (null === $this->leadSheath || null === $other->leadSheath || $this->leadSheath->overlaps($other->leadSheath));
    }

    /**
     * @template T of \UnitEnum
     *
     * @param list<T> $one
     * @param list<T> $other
     */
    private static function share(array $one, array $other): bool
    {
        return [] === $one || [] === $other || [] !== array_filter(
            $one, static fn (\UnitEnum $case): bool => \in_array($case, $other, true),
        );
    }
}
