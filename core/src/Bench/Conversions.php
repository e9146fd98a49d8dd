<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Conductor\UnreadableSize;
use Berm\Core\Electric\Resistivity;
use Berm\Core\File\BadDocument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Temperature;
use Berm\Core\Quantity\TemperatureUnit;
use Berm\Core\Quantity\Torque;
use Berm\Core\Quantity\UnreadableTorque;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Site\DewPoint;
use Berm\Core\Site\Sweating;

/** From one world to the other, and the weather. */
final class Conversions
{
    /** @return list<Tool> */
    public static function tools(): array
    {
        return [self::dew(), self::sizes(), self::torque(), self::temperature()];
    }

    private static function dew(): Tool
    {
        return Tool::of(
            'dew', 'Dew point', 'Will it sweat?', static function (Given $given): Outcome {
                [$air, $surface] = [$given->celsius('air'), $given->celsius('surface')];
                $dew = DewPoint::of($air, $given->number('humidity'));
                $margin = $surface - $dew - Sweating::MARGIN;
                $verdict = Sweating::verdict($margin);

                return Outcome::of('Dew point', Temperature::ofCelsius($dew))
                    ->also('Above it', Say::number($surface - $dew, 1).' K')
                    ->also('It sweats', match ($verdict) {
                        Verdict::Inside => 'no', Verdict::NotProved => 'it may', Verdict::Out => $surface <= $dew ? 'yes'
                            : 'too near to tell',
                    })
                    ->by('Magnus: b γ / (a − γ), γ = ln({humidity} / 100) + a t / (b + t), a 17.625, b 243.04 °C; {margin} K above it.', [
                        'humidity' => Say::number($given->number('humidity'), 1), 'margin' => Say::number(Sweating::MARGIN, 0),
                    ])
                    ->warning(Verdict::Out === $verdict, 'Warm and dry it under a tent before it is opened.')
                    ->drawn(
                        Shape::bar('dew point and what is asked above it, °C', $dew, $dew + Sweating::MARGIN),
                        Shape::bar('surface, °C', $surface - 0.25, $surface + 0.25), Shape::bar('air, °C', $air - 0.25, $air + 0.25),
                    );
            },
            Ask::temperature('air', 'Air', -30, 60, '18', '64'), Ask::number('humidity', 'Relative humidity', '%', 1, 100, '75'),
            Ask::temperature('surface', 'Surface of the cable', -30, 60, '16', '61'),
        )->from(
            'Magnus form with the constants of Alduchov and Eskridge (1996); 3 K above the dew point: ISO 8502-4, as quoted in practice',
            'Over water, from −45 to 60 °C. A hand thermometer and hygrometer tell it to about 1 K.',
        );
    }

    private static function sizes(): Tool
    {
        return Tool::of(
            'size', 'Conductor sizes', 'mm², AWG and kcmil, with resistance and diameter', static function (Given $given): Outcome {
                try {
                    $size = ConductorSize::parse($given->text('size'));
                } catch (UnreadableSize $unreadable) {
                    throw BadDocument::because('size', $unreadable->getMessage());
                }
                $metal = ConductorMaterial::from($given->text('metal'));
                $solid = sqrt($size->area * 4 / \M_PI);
                $ohm = Resistivity::perKilometre($metal, $size->area, 20.0);

                return Outcome::of('Cross-section', Say::counting($size->area, 4).' mm²')
                    ->also('In kcmil', Say::counting($size->area / ConductorSize::ofKcmil(1)->area, 4))
                    ->also('Gauge', self::gauge($size->area))
                    ->also('Resistance at 20 °C', Say::counting($ohm, 4).' Ω/km, '.Say::counting($ohm * 0.3048, 4).' Ω/1000 ft')
                    ->also('Across, if it were one solid round', Length::nearestToMillimetres($solid))
                    ->also('Across, stranded, about', Length::nearestToMillimetres($solid * 1.14))
                    ->by('d = 0.005 in × 92^((36 − n) / 39); 1 kcmil is 0.5067 mm²; {rho} Ω·mm²/km / {area} mm².', [
                        'rho' => Say::number(Resistivity::of($metal), 3), 'area' => Say::counting($size->area, 4),
                    ])
                    ->drawn(Shape::ring('stranded, about', $solid * 1.14), Shape::ring('solid', $solid));
            },
            Ask::text('size', 'Size', '95 mm²', '4/0 AWG'), Ask::choice('metal', 'Metal', ['copper' => 'copper',
                'aluminium' => 'aluminium']),
        )->from(
            'ASTM B258 for gauges; IEC 60028 and IEC 60889 for resistivity, from memory; 1.14 across for stranding: common practice',
            'By the nominal area. The greatest resistance of the standards lies some per cent higher; measure what goes in a connector.',
        );
    }

    /** The gauge whose area is nearest, up to 4/0: larger ones are said in kcmil. */
    private static function gauge(float $area): string
    {
        $gauge = 36 - 39 * log(sqrt($area * 4 / \M_PI) / 0.127) / log(92);
        $near = max(-3, (int) round($gauge));

        return $gauge < -3.5 ? 'above 4/0: say it in kcmil' : ($near > 20 ? 'below 20 AWG' : 'nearest '.ConductorSize::ofAwg($near)->label);
    }

    private static function torque(): Tool
    {
        return Tool::of(
            'torque', 'Torque', 'N·m, lbf·ft and lbf·in', static function (Given $given): Outcome {
                try {
                    $torque = Torque::parse($given->text('torque'));
                } catch (UnreadableTorque $unreadable) {
                    throw BadDocument::because('torque', $unreadable->getMessage());
                }
                $feet = $torque->poundFeet();

                return Outcome::of('Torque', $torque->inBothUnits())->also('In inches', Say::counting($feet * 12, 4).' lbf·in')
                    ->by('1 lbf·ft is 1.35582 N·m: {newton} N·m / 1.35582.', ['newton' => Say::number($torque->newtonMetres(), 3)])
                    ->drawn(Shape::bar('N·m', 0, $torque->newtonMetres()), Shape::bar('lbf·ft', 0, $feet));
            },
            Ask::text('torque', 'Torque', '45 N·m', '33 lbf·ft'),
        )->from('NIST SP 811: 1 lbf is 4.4482216152605 N, 1 ft is 0.3048 m', 'Up to 500 N·m.');
    }

    private static function temperature(): Tool
    {
        return Tool::of(
            'temperature', 'Temperatures', '°C and °F', static function (Given $given): Outcome {
                $celsius = $given->celsius('temperature');

                return Outcome::of('Celsius', Temperature::say($celsius, TemperatureUnit::Celsius))
                    ->also('Fahrenheit', Temperature::say($celsius, TemperatureUnit::Fahrenheit))
                    ->by('t °C × 1.8 + 32.')->drawn(Shape::bar('from freezing, °C', 0, $celsius));
            },
            Ask::temperature('temperature', 'Temperature', -60, 90, '20', '68'),
        )->from('definition', 'From −60 to 90 °C.');
    }
}
