<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Electric\Field;
use Berm\Core\Electric\Resistivity;
use Berm\Core\Electric\ScreenFault;

/** Field, current and resistance. */
final class Electrical
{
    private const METALS = ['copper' => 'copper', 'aluminium' => 'aluminium'];

    /** @return list<Tool> */
    public static function tools(): array
    {
        return [self::step(), self::fault(), self::screen(), self::insulation()];
    }

    private static function step(): Tool
    {
        return Tool::of(
            'step', 'Stress at a step, and in a gap', 'The field in the insulation, and in air under what lies over it',
            static function (Given $given): Outcome {
                [$inner, $outer, $gap] = [$given->mm('inner') / 2, $given->mm('outer') / 2, $given->mm('gap')];
                $volts = $given->number('voltage');
                if ($outer <= $inner) {
                    return Outcome::of('In the gap', '–')->warning(true, 'The insulation has to be wider than what lies in it.');
                }
                $field = Field::between($inner, $outer, $given->number('permittivity'));
                $kv = static fn (float $of): string => Say::counting($of).' kV/mm';
                $starts = $field->inception($gap);

                return Outcome::of('In the gap', $kv($field->inGap($gap, $volts)))->also('At the conductor',
                    $kv($field->atConductorScreen($volts)))
                    ->also('At the screen', $kv($field->atInsulationScreen($volts)))
                    ->also('The gap discharges from', Say::counting($starts).' kV to earth')
                    ->by('U / (r ln(R / r0)) in the insulation; in the gap the two in series: air takes {share} % of {volts} kV.', [
                        'share' => Say::number(100 * $field->shareOfGap($gap), 1), 'volts' => Say::number($volts, 2),
                    ])
                    ->warning($starts <= $volts, 'It discharges in service: fill it, or close it.')
                    ->drawn(Shape::ring('conductor', 2 * $inner), Shape::ring('insulation', 2 * $outer), Shape::ring('gap',
                        2 * ($outer + $gap)));
            },
            Ask::length('inner', 'Across the conductor screen', 3, 80, '13', '1/2'),
            Ask::length('outer', 'Across the insulation', 4, 150, '20', '13/16'),
            Ask::length('gap', 'Air over it', 0.01, 20, '0.5', '0.02'), Ask::number('voltage', 'Voltage to earth', 'kV', 0.1, 50, '6.35'),
            Ask::number('permittivity', 'Permittivity of the insulation', '', 1.5, 10, '2.5'),
        )->from(
            'textbook: coaxial cylinder, two dielectrics in series; Paschen’s law with Townsend’s constants for air',
            'Smooth and round. The edge of a screen adds to it: the real field is higher there.',
        );
    }

    private static function fault(): Tool
    {
        return Tool::of(
            'fault', 'Fault current of a screen or mesh', 'What it carries while a fault lasts, and how much of it that takes',
            static function (Given $given): Outcome {
                $metal = ConductorMaterial::from($given->text('metal'));
                [$area, $seconds] = [$given->number('area') * $given->number('layers'), $given->number('seconds')];
                [$from, $to] = [$given->celsius('from'), $given->number('limit')];
                if ($to <= $from) {
                    return Outcome::of('It carries', '–')->warning(true, 'It has to end hotter than it begins.');
                }
                $one = ScreenFault::current($metal, 1.0, $seconds, $from, $to);
                $needs = $given->number('current') / $one;

                return Outcome::of('It carries', Say::counting($one * $area).' kA')->also('Needed', Say::counting($needs).' mm²')
                    ->also('Layers of it', (string) (int) ceil($needs / $given->number('area') - 1e-9))
                    ->by('K √(ln((θf + β) / (θi + β)) / t) is {one} A for each mm² for {seconds} s; × {area} mm².', [
                        'one' => Say::counting(1000 * $one), 'seconds' => Say::number($seconds, 2), 'area' => Say::number($area, 2),
                    ])
                    ->warning($one * $area < $given->number('current'), 'It is not enough for {current} kA.', [
                        'current' => Say::number($given->number('current'), 2),
                    ])
                    ->drawn(
                        Shape::bar('it carries, kA', 0, $one * $area), Shape::bar('asked for, kA', 0, $given->number('current')),
                    );
            },
            Ask::choice('metal', 'Metal', self::METALS), Ask::number('area', 'Cross-section of a layer', 'mm²', 0.5, 2000, '16'),
            Ask::number('layers', 'Layers', '', 1, 20, '1'), Ask::number('current', 'Fault current', 'kA', 0.1, 100, '2'),
            Ask::number('seconds', 'For', 's', 0.05, 5, '1'), Ask::temperature('from', 'From', -20, 90, '80', '176'),
            Ask::number('limit', 'Up to', '°C', 100, 400, '250'),
        )->from(
            'IEC 60949, adiabatic: I²t = K² S² ln((θf + β) / (θi + β)); constants of its table I, from memory',
            'No heat leaves it: for up to five seconds. Contacts and springs are not looked at.',
        );
    }

    private static function screen(): Tool
    {
        return Tool::of(
            'screen', 'Screen or conductor resistance', 'What continuity should read', static function (Given $given): Outcome {
                $metal = ConductorMaterial::from($given->text('metal'));
                $longer = 1 + $given->number('lay') / 100;
                $each = Resistivity::perKilometre($metal, $given->number('area'), $given->celsius('at')) * $longer;
                $should = $each * $given->number('metres') / 1000;
                $read = $given->number('read');

                return Outcome::of('It should read', Say::counting(1000 * $should, 4).' mΩ')->also('For a kilometre',
                    Say::counting($each, 4).' Ω')
                    ->also('Read against that', Say::number(100 * ($read / 1000 / $should - 1), 1).' %')
                    ->by('{rho} Ω·mm²/km / {area} mm² at 20 °C, corrected to its temperature, {lay} % longer for its lay, {metres} m.', [
                        'rho' => Say::number(Resistivity::of($metal), 3), 'area' => Say::number($given->number('area'), 2),
                        'lay' => Say::number($given->number('lay'), 1), 'metres' => Say::number($given->number('metres'), 1),
                    ])
                    ->warning($read / 1000 > 1.2 * $should, 'It reads a fifth and more too high: look for a bad contact or broken wires.')
                    ->drawn(Shape::bar('should, mΩ', 0, 1000 * $should), Shape::bar('reads, mΩ', 0, $read));
            },
            Ask::choice('metal', 'Metal', self::METALS), Ask::number('area', 'Cross-section', 'mm²', 0.5, 3000, '16'),
            Ask::number('metres', 'Length', 'm', 0.1, 50000, '250'), Ask::temperature('at', 'Its temperature', -30, 90, '20', '68'),
            Ask::number('lay', 'Longer by its lay', '%', 0, 30, '5'), Ask::number('read', 'It reads', 'mΩ', 0.01, 100000, '285'),
        )->from(
            'IEC 60028 and IEC 60889 for resistivity, IEC 60287-1-1 for temperature, from memory',
            'Direct current. How much longer wires are by their lay the cable’s maker says; 3 to 6 % is common practice.',
        );
    }

    private static function insulation(): Tool
    {
        return Tool::of(
            'insulation', 'Insulation resistance, corrected', 'Per length, and as it would be at 20 °C',
            static function (Given $given): Outcome {
                $per = $given->number('read') * $given->number('metres') / 1000;
                $factor = $given->number('factor') ** (($given->celsius('at') - 20) / 10);

                return Outcome::of('At 20 °C', Say::counting($per * $factor).' MΩ·km')->also('As it is', Say::counting($per).' MΩ·km')
                    ->by('{read} MΩ × {metres} m is {per} MΩ·km; × {factor} for its temperature.', [
                        'read' => Say::counting($given->number('read')), 'metres' => Say::number($given->number('metres'), 1),
                        'per' => Say::counting($per), 'factor' => Say::counting($factor),
                    ])
                    ->drawn(Shape::bar('at 20 °C, MΩ·km', 0, $per * $factor), Shape::bar('as it is, MΩ·km', 0, $per));
            },
            Ask::number('read', 'It reads', 'MΩ', 0.01, 10_000_000, '5000'), Ask::number('metres', 'Length', 'm', 0.1, 50000, '250'),
            Ask::temperature('at', 'Its temperature', -10, 70, '12', '54'),
            Ask::number('factor', 'Less by, each 10 K', 'times', 1, 5, '2'),
        )->from(
            'common practice: half for each 10 K warmer; the factor is the maker’s',
            'A long time after the voltage is on. It compares with earlier readings of the same cable, not with a limit.',
        );
    }
}
