<?php

declare(strict_types=1);

namespace Berm\Core\Saying;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Temperature;
use Berm\Core\Quantity\TemperatureDifference;
use Berm\Core\Quantity\TemperatureUnit;

/** Somebody who reads in one unit and one vocabulary (design: the IEC and the North American words go with the unit). */
final readonly class Reader
{
    private const NORTH_AMERICAN = [
        'joint' => 'splice',
        'insulation screen' => 'insulation shield',
        'conductor screen' => 'conductor shield',
        'metallic screen' => 'metallic shield',
        'separable connector' => 'separable elbow',
        'oversheath' => 'jacket',
        'armour' => 'armor',
        'bedding' => 'inner jacket',
    ];

    public function __construct(public LengthUnit $unit)
    {
    }

    public function say(Sentence $sentence): string
    {
        $worded = preg_replace_callback('/\[([^\]]+)\]/', fn (array $match): string => $this->word($match[1]), $sentence->template);

        return (string) preg_replace_callback(
            '/\{(\w+)(:fine)?\}/',
            fn (array $match): string => $this->value($sentence->values[$match[1]] ?? $match[0], isset($match[2])),
            (string) $worded,
        );
    }

    /** A word of the IEC vocabulary in the reader's own; the first letter keeps its case. */
    public function word(string $word): string
    {
        $own = LengthUnit::Inch === $this->unit ? self::NORTH_AMERICAN[lcfirst($word)] ?? null : null;

        return null === $own ? $word : (lcfirst($word) === $word ? $own : ucfirst($own));
    }

    /** A length along the cable: to 0.1 mm, or to 1/16 in. */
    public function mark(Length $length): string
    {
        return LengthUnit::Inch === $this->unit ? LengthFormat::inchFraction($length, 16).' in' : LengthFormat::millimetres($length).' mm';
    }

    /** A diameter or a thickness: to 0.01 mm, or to 0.001 in. */
    public function fine(Length $length): string
    {
        return LengthUnit::Inch === $this->unit ? LengthFormat::inches($length).' in' : LengthFormat::millimetres($length, 2).' mm';
    }

    /** Inches go with Fahrenheit, millimetres with Celsius. */
    public function temperature(Temperature $temperature): string
    {
        return Temperature::say(
            $temperature->celsius, LengthUnit::Inch === $this->unit ? TemperatureUnit::Fahrenheit : TemperatureUnit::Celsius,
        );
    }

    private function value(Length|Temperature|TemperatureDifference|Sentence|string|int $value, bool $fine): string
    {
        return match (true) {
            $value instanceof Sentence => $this->say($value),
            $value instanceof Temperature => $this->temperature($value),
            $value instanceof TemperatureDifference => $value->say(
                LengthUnit::Inch === $this->unit ? TemperatureUnit::Fahrenheit : TemperatureUnit::Celsius,
            ),
            $value instanceof Length => $fine ? $this->fine($value) : $this->mark($value),
            default => (string) $value,
        };
    }
}
