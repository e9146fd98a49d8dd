<?php

declare(strict_types=1);

namespace Berm\Core\Margin;

/** What can move a place or change a diameter. */
enum CauseKind: string
{
    /** A cut is made within its tolerance. */
    case Cut = 'cut';
    /** A reading is no better than its instrument. */
    case Reading = 'reading';
    /** A conductor stands short of home in its barrel. */
    case Insertion = 'insertion';
    /** A barrel grows when it is crimped. */
    case Growth = 'growth';
    /** A hand sets an item so well and no better. */
    case Placing = 'placing';
    /** How long an item is as installed. */
    case Length = 'length';
    /** The diameter over a layer of the cable, or of the connector. */
    case Diameter = 'diameter';
    case ExpandedBore = 'expanded-bore';
    case RecoveredBore = 'recovered-bore';
    case Wall = 'wall';
    /** Of a strip or a tape, as it lies. */
    case Thickness = 'thickness';

    /** It can come out otherwise than within its bounds: they are what is asked of a hand, and nothing holds it to them. */
    public function isOfHand(): bool
    {
        return self::Cut === $this || self::Placing === $this;
    }

    /** As it stands before the name of what it belongs to: "placing of the stress tube". */
    public function label(): string
    {
        return match ($this) {
            self::Cut => 'cut',
            self::Reading => 'reading',
            self::Insertion => 'insertion',
            self::Growth => 'growth',
            self::Placing => 'placing',
            self::Length => 'length',
            self::Diameter => 'diameter',
            self::ExpandedBore => 'expanded bore',
            self::RecoveredBore => 'recovered bore',
            self::Wall => 'wall',
            self::Thickness => 'thickness',
        };
    }
}
