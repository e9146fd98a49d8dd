<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Check\Check;
use Berm\Core\Check\Each;
use Berm\Core\Check\Look;

/** What is looked at on every accessory, where its sheet asks for nothing itself. Common practice. */
enum SkeletonLook: string
{
    case Complete = 'complete';
    case Sound = 'sound';
    case Clean = 'clean';
    case Home = 'home';
    case Fixed = 'fixed';
    case Filled = 'filled';
    case StressControl = 'stress-control';
    case Insulation = 'insulation';
    case OuterLayer = 'outer-layer';
    case ScreenThrough = 'screen-through';
    case Earth = 'earth';
    case Sealed = 'sealed';
    case Armour = 'armour';
    case Sheath = 'sheath';
    case Cool = 'cool';
    case Surface = 'surface';
    case Labelled = 'labelled';
    case Tested = 'tested';
    case NothingLeft = 'nothing-left';

    public const FIRST = [self::Complete, self::Sound];
    public const BEFORE_CONNECTOR = [self::Clean, self::Home];
    public const LAST = [self::Cool, self::Surface, self::NothingLeft, self::Labelled, self::Tested];

    public function check(): Check
    {
        return new Check($this->value, $this->ask(), $this->each(), null, new Look(), $this->reason(), $this->mend());
    }

    private function each(): Each
    {
        return match ($this) {
            self::Clean, self::Home, self::StressControl => Each::CoreOfEnd,
            self::Fixed, self::Filled, self::Insulation, self::OuterLayer, self::ScreenThrough => Each::Core,
            self::Sealed => Each::End,
            default => Each::Once,
        };
    }

    private function ask(): string
    {
        return match ($this) {
            self::Complete => 'Kit complete, undamaged, in date; leaflet read',
            self::Sound => 'Cable dry and sound: no water, oil or kink',
            self::Clean => 'Insulation smooth and clean; no nick, no trace of the [insulation screen]',
            self::Home => 'Conductor fully home, brushed and greased as it needs',
            self::Fixed => 'Crimps or bolts all made, in order, burrs and fins taken off',
            self::Filled => 'Connector, indents and screen steps filled, no air',
            self::StressControl => 'Stress control lies over the edge of the [insulation screen], as far as the leaflet says',
            self::Insulation => 'Insulation where the leaflet has it, no void, fold, scorch or flat spot',
            self::OuterLayer => 'Outer conductive layer over all of the insulation, meeting the [insulation screen] at both ends',
            self::ScreenThrough => '[Metallic screen] joined through with its full cross-section, tight, its ends smooth',
            self::Earth => '[Metallic screen] taken out to earth with its full cross-section, tight, blocked against water',
            self::Sealed => 'Sealed: sealant seen all round, on clean and roughened [oversheath]',
            self::Armour => 'Armour joined through or earthed, tight',
            self::Sheath => '[Oversheath] restored, over the old one at both ends as far as the leaflet says',
            self::Cool => 'Cooled or set before it was moved',
            self::Surface => 'Smooth and even all over; supported, not bent near its ends',
            self::NothingLeft => 'Nothing is left in the box that should be in the accessory',
            self::Labelled => 'Labelled, phases marked',
            self::Tested => 'Tested as local rules say',
        };
    }

    private function reason(): string
    {
        return match ($this) {
            self::Complete => 'A part of another kit or one too old is found too late once it is on.',
            self::Sound => 'Water runs along the strands into the accessory.',
            self::Clean => 'A conductive trace is where it fails first: wipe from the conductor towards the screen, never back.',
            self::Home => 'A conductor that is not home heats, and the sum of the lengths is wrong.',
            self::Fixed => 'A fin or an edge stands in the field.',
            self::Filled => 'Air at an edge discharges.',
            self::StressControl => 'The field bunches up at the edge of the screen: without it the insulation breaks down there.',
            self::Insulation => 'A void or a thin place discharges, unseen until it fails.',
            self::OuterLayer => 'A gap in it leaves insulation without a screen.',
            self::ScreenThrough => 'Fault current goes through it.',
            self::Earth => 'Fault current goes through it, and water comes in along it.',
            self::Sealed => 'Water gets in where no sealant shows.',
            self::Armour => 'It carries fault current and pull.',
            self::Sheath => 'Water and backfill get at what lies beneath.',
            self::Cool => 'What is moved warm or wet lets go of the cable.',
            self::Surface => 'A fold or a flat spot tells of air beneath.',
            self::NothingLeft => 'A spare part is a missed step.',
            self::Labelled => 'The next who digs knows what it is.',
            self::Tested => 'It is the last time that it costs little.',
        };
    }

    private function mend(): string
    {
        return match ($this) {
            self::Complete => 'Stop: have the missing part or another kit before anything is cut further.',
            self::Sound => 'Cut back to sound, dry cable, and measure again.',
            self::Clean => 'Abrade what is left, wipe again with a fresh wipe, let it dry.',
            self::Home => 'Take it out, see what stops it, and measure the insulation cut again.',
            default => 'Put it right before the next layer hides it; or an engineer lets it stand, with a reason.',
        };
    }
}
