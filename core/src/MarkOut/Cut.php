<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Cable\Design;
use Berm\Core\Cable\LayerKind;

/** A cut made all round the cable, named by the layer it ends; from the outside in, as they are made. */
enum Cut: string
{
    case Oversheath = 'oversheath';
    case Armour = 'armour';
    case Bedding = 'bedding';
    case LeadSheath = 'lead-sheath';
    /** Paper round all cores of a belted cable. */
    case Belt = 'belt';
    case MetallicScreen = 'metallic-screen';
    case InsulationScreen = 'insulation-screen';
    case Insulation = 'insulation';

    /** @return list<self> the cuts that a cable of this design needs, in the order of cutting */
    public static function of(Design $design): array
    {
        return array_values(array_filter(self::cases(), static fn (self $cut): bool => $design->has($cut->layer())));
    }

    public function layer(): LayerKind
    {
        return LayerKind::from($this->value);
    }

    /** Made on each core by itself. */
    public function isOfCore(): bool
    {
        return $this->layer()->isOfCore();
    }

    /** It ends a layer further out than another one, and so is made before it. */
    public function isOutside(self $other): bool
    {
        $order = array_flip(array_column(self::cases(), 'value'));

        return $order[$this->value] < $order[$other->value];
    }

    /** Null: nothing is called so. */
    public static function ofFormulaName(string $name): ?self
    {
        return str_starts_with($name, 'cut_') ? self::tryFrom(str_replace('_', '-', substr($name, 4))) : null;
    }

    public function formulaName(): string
    {
        return 'cut_'.str_replace('-', '_', $this->value);
    }
}
