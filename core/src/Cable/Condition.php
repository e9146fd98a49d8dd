<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Conductor\ConductorShape;

/** What the eye and the hand check at a cable end before anything is cut to size. */
enum Condition: string
{
    case StrandsDry = 'strands-dry';
    case PaperDry = 'paper-dry';
    case InsulationSound = 'insulation-sound';
    case ScreenSound = 'screen-sound';
    case SheathSound = 'sheath-sound';

    public function appliesTo(Design $design): bool
    {
        return match ($this) {
            self::StrandsDry => ConductorShape::Solid !== $design->conductor->shape,
            self::PaperDry => !$design->insulation->isExtruded(),
            self::InsulationSound => $design->insulation->isExtruded(),
            self::ScreenSound => $design->has(LayerKind::InsulationScreen),
            self::SheathSound => true,
        };
    }

    public function question(): string
    {
        return match ($this) {
            self::StrandsDry => 'Strands dry and bright',
            self::PaperDry => 'Paper dry: no crackle in hot compound',
            self::InsulationSound => 'Insulation of one colour, no marks',
            self::ScreenSound => 'Screen whole, comes off as it should',
            self::SheathSound => 'Sheath whole, no water under it',
        };
    }

    /** What to do when it is not so. Source: common practice. */
    public function mend(): string
    {
        return match ($this) {
            self::StrandsDry => 'There is water in the strands: cut back until they are dry, or dry and block them as local rules say.',
            self::PaperDry => 'The paper crackles: it holds moisture. Cut back half a metre and test again, papers next to the lead and next to the conductor alike.',
            self::InsulationSound => 'The insulation is discoloured or marked: it was overheated or treed. Cut back to sound insulation and ask who decides.',
            self::ScreenSound => 'The screen is damaged: cut back to where it is whole.',
            self::SheathSound => 'The sheath lets water in: find how far the water went and cut back past it.',
        };
    }
}
