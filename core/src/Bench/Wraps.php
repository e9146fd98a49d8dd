<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

use Berm\Core\Material\Manner;
use Berm\Core\Material\Shrink;
use Berm\Core\Material\Stretch;
use Berm\Core\Material\Strip;
use Berm\Core\Quantity\Length;

/** What goes round. */
final class Wraps
{
    /** @return list<Tool> */
    public static function tools(): array
    {
        return [self::tape(), self::shrink(), self::stretch(), self::fill()];
    }

    private static function mm(float $millimetres): Length
    {
        return Length::nearestToMillimetres($millimetres);
    }

    private static function tape(): Tool
    {
        return Tool::of(
            'tape', 'Tape, mastic, mesh', 'Turns, length and build', static function (Given $given): Outcome {
                $strip = new Strip(
                    $given->mm('width'), $given->mm('thickness'), $given->number('drawn') / 100, Manner::from($given->text('manner')),
                    $given->number('lap') / 100,
                );
                [$beneath, $along] = [$given->mm('beneath'), $given->mm('along')];
                $passes = $strip->passesTo($given->mm('to'), $beneath);
                $outside = $strip->outside($beneath, $passes);

                return Outcome::of('roll' === $given->text('manner') ? 'Turns' : 'Passes', (string) $passes)
                    ->also('It comes to', self::mm($outside))->also('Of it, as supplied', self::mm($strip->supplied($beneath, $passes,
                        $along)), true)
                    ->also('Turns in all', Say::number($strip->turns($passes, $along), 1))
                    ->by('One pass adds {adds:fine} to the diameter: 2 × {thick:fine}, as often as it lies on itself.', [
                        'adds' => self::mm($strip->perPass()), 'thick' => self::mm($strip->thicknessOn()),
                    ])
                    ->by('From {beneath:fine} to {to:fine} takes {passes}.', [
                        'beneath' => $given->length('beneath'), 'to' => $given->length('to'), 'passes' => (string) $passes,
                    ])
                    ->drawn(
                        Shape::ring('beneath', $beneath), Shape::ring('asked for', $given->mm('to')), Shape::ring('wound', $outside),
                    );
            },
            Ask::choice('manner', 'Wound', ['helix' => 'along, lapped', 'roll' => 'on the spot']),
            Ask::length('width', 'Width', 3, 300, '38', '1 1/2'), Ask::length('thickness', 'Thickness', 0.05, 10, '1.5', '1/16'),
            Ask::number('drawn', 'Width under tension', '%', 30, 100, '100'), Ask::number('lap', 'Lap', '%', 0, 90, '50'),
            Ask::length('beneath', 'Across beneath', 3, 300, '22', '7/8'), Ask::length('to', 'To come to', 3, 400, '30', '1 3/16'),
            Ask::length('along', 'Over a length of', 3, 3000, '120', '4 3/4'),
        )->from(
            'textbook geometry of a strip whose volume stays: drawn to a part r of its width it is r as thick and 1/r² as long',
            'Even laps; mastic that flows under a tube afterwards is not counted.',
        );
    }

    private static function shrink(): Tool
    {
        return Tool::of(
            'shrink', 'Shrink tube, recovered', 'The wall that a tube comes to on what lies beneath',
            static function (Given $given): Outcome {
                [$beneath, $bore, $wall] = [$given->mm('beneath'), $given->mm('bore'), $given->mm('wall')];
                $supplied = $given->mm('supplied');
                $outside = Shrink::outside($beneath, $bore, $wall);
                $share = 100 * ($supplied - max($beneath, $bore)) / ($supplied - $bore);

                return Outcome::of('Wall as it lies', self::mm(($outside - max($beneath, $bore)) / 2))->also('Across', self::mm($outside))
                    ->also('Shrink ratio of the tube', Say::number($supplied / $bore, 2).' : 1')
                    ->also('Recovered', Say::number($share, 0).' %')
                    ->by('√(b² + 4 w (d + w)) with b {beneath:fine}, w {wall:fine}, d {bore:fine}: {outside:fine}.', [
                        'beneath' => self::mm(max($beneath, $bore)), 'wall' => $given->length('wall'), 'bore' => $given->length('bore'),
                        'outside' => self::mm($outside),
                    ])
                    ->warning($beneath < $bore, 'It hangs loose: what lies beneath is less than its recovered bore.')
                    ->warning($beneath >= $supplied, 'It does not go over: what lies beneath is as wide as the tube is supplied.')
                    ->drawn(Shape::ring('beneath', $beneath), Shape::ring('tube', $outside), Shape::ring('as supplied', $supplied));
            },
            Ask::length('supplied', 'Bore as supplied', 3, 400, '55', '2 1/8'), Ask::length('bore', 'Bore, fully recovered', 2, 300,
                '19', '3/4'),
            Ask::length('wall', 'Wall, fully recovered', 0.3, 20, '3', '1/8'), Ask::length('beneath', 'Across beneath', 2, 400, '30',
                '1 3/16'),
        )->from('textbook: the cross-section of the recovered wall stays, π t (d + t)',
            'Length change is not counted: the leaflet has it.');
    }

    private static function stretch(): Tool
    {
        return Tool::of(
            'stretch', 'Cold-shrink or pushed on', 'How far rubber is stretched, and its wall then',
            static function (Given $given): Outcome {
                [$beneath, $bore, $wall] = [$given->mm('beneath'), $given->mm('bore'), $given->mm('wall')];
                $outside = Stretch::outside($beneath, $bore, $wall);
                $percent = Stretch::percent($beneath, $bore);

                return Outcome::of('Stretched by', Say::number($percent, 1).' %')
                    ->also('Wall as it lies', self::mm(($outside - max($beneath, $bore)) / 2))->also('Across', self::mm($outside))
                    ->by('{beneath:fine} / {bore:fine} − 1.', ['beneath' => $given->length('beneath'), 'bore' => $given->length('bore')])
                    ->warning($percent < 0, 'It hangs loose.')
                    ->drawn(Shape::ring('relaxed bore', $bore), Shape::ring('beneath', $beneath), Shape::ring('rubber', $outside));
            },
            Ask::length('bore', 'Relaxed bore', 2, 200, '22', '7/8'), Ask::length('wall', 'Relaxed wall', 0.5, 60, '8', '5/16'),
            Ask::length('beneath', 'Across beneath', 2, 300, '28', '1 1/8'),
        )->from(
            'textbook: rubber keeps its volume; its length as installed is given by itself',
            'What stretch it needs and bears the maker says; Berm has no such limit.',
        );
    }

    private static function fill(): Tool
    {
        return Tool::of(
            'fill', 'Fill volume', 'What a gap or a step takes, and how much mastic that is', static function (Given $given): Outcome {
                [$inner, $outer, $long] = [$given->mm('inner'), $given->mm('outer'), $given->mm('long')];
                $volume = \M_PI / 4 * ($outer ** 2 - $inner ** 2) * $long;
                $length = $volume / ($given->mm('width') * $given->mm('thickness'));

                return Outcome::of('Volume', Say::counting($volume / 1000).' cm³')->also('Of the strip', self::mm(max(0, $length)), true)
                    ->by('π/4 × (D² − d²) × l with D {outer:fine}, d {inner:fine}, l {long:fine}.', [
                        'outer' => $given->length('outer'), 'inner' => $given->length('inner'), 'long' => $given->length('long'),
                    ])
                    ->warning($outer <= $inner, 'There is nothing to fill: the outer diameter is not larger.')
                    ->drawn(Shape::ring('inner', $inner), Shape::ring('outer', $outer));
            },
            Ask::length('inner', 'Across inside', 1, 200, '14', '9/16'), Ask::length('outer', 'Across outside', 1, 300, '24', '15/16'),
            Ask::length('long', 'Long', 0.5, 500, '6', '1/4'), Ask::length('width', 'Strip, width', 3, 300, '25', '1'),
            Ask::length('thickness', 'Strip, thickness', 0.2, 20, '3', '1/8'),
        )->from('geometry of a ring', 'Without what is pressed out or left as a hollow.');
    }
}
