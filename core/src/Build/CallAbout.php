<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** What an engineer is called for. */
enum CallAbout: string
{
    /** Something is out, or an engineer has to look. */
    case LetStand = 'let-stand';
    /** The leaflet in the box says otherwise than the sheet: it goes to the sheet's author. */
    case Leaflet = 'leaflet';
    case Question = 'question';

    public function label(): string
    {
        return match ($this) {
            self::LetStand => 'An engineer is called to look',
            self::Leaflet => 'The leaflet says otherwise',
            self::Question => 'An engineer is asked',
        };
    }
}
