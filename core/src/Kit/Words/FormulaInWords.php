<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Formula\Formula;
use Berm\Core\Quantity\Length;

/** A formula as people say it: names become words, lengths go into the reader's unit. */
final class FormulaInWords
{
    private const WORDS = [
        'connector_length' => 'the length of the connector', 'connector_diameter' => 'the diameter of the connector',
        'connector_growth' => 'what the connector grows', 'bore_depth' => 'the depth of the bore',
        'half_connector' => 'half of the connector less its share of the stop', 'barrel_growth' => 'what its side of the connector grows',
        'conductor_diameter' => 'the diameter of the conductor', 'insulation_diameter' => 'the diameter over the insulation',
        'insulation_thickness' => 'the thickness of the insulation',
        'insulation_wall' => 'the wall of the insulation',
        'insulation_screen_thickness' => 'the thickness of the [insulation screen]',
        'oversheath_thickness' => 'the thickness of the [oversheath]', 'oversheath_diameter' => 'the diameter over the [oversheath]',
        'insulation_screen_diameter' => 'the diameter over the [insulation screen]',
        'metallic_screen_diameter' => 'the diameter over the [metallic screen]',
        'lead_sheath_diameter' => 'the diameter over the lead sheath', 'bedding_diameter' => 'the diameter over the [bedding]',
        'armour_diameter' => 'the diameter over the [armour]',
        'conductor_area' => 'the size of the conductor', 'voltage' => 'the voltage of the cable', 'cores' => 'the number of cores',
        'connector_fixing' => 'how the connector is fixed', 'connector_stop' => 'its stop', 'conductor_material' => 'the conductor',
        'conductor_shape' => 'the shape of the conductor', 'insulation' => 'the insulation',
        'insulation_screen' => 'the [insulation screen]', 'metallic_screen' => 'the [metallic screen]', 'armour' => 'the [armour]',
        'end' => 'the end', 'other_insulation' => 'the insulation of the other end',
        'other_metallic_screen' => 'the [metallic screen] of the other end', 'other_armour' => 'the [armour] of the other end',
        'place' => 'the place', 'mounting' => 'the way up',
        'part_length' => 'its length', 'mouth' => 'the mouth of the connector', 'joint_centre' => 'the centre of the joint',
        'bolts' => 'the number of bolts', 'crimps' => 'the number of crimps',
    ];

    /** @return array{string, array<string, Length>} a template, and the lengths in it, named after $prefix */
    public static function of(Formula $formula, string $prefix): array
    {
        $lengths = [];
        $template = (string) preg_replace_callback('/(?<![\w.])(\d+(?:\.\d+)?)\s*(mm|in|mil)(?![\w²])/u', static function (array $match) use (&$lengths, $prefix): string {
            $name = $prefix.\count($lengths);
            $lengths[$name] = Length::parseWithUnit($match[0]);

            return '{'.$name.'}';
        }, $formula->text);
        $template = (string) preg_replace('/connector_fixing\s*==\s*"([^"]*)"/', 'the connector is fixed by $1', $template);
        $names = implode('|', ['~none~', ...$formula->names()]);
        $template = (string) preg_replace_callback(
            '/"[^"]*"(*SKIP)(*F)|(?<![\w{])(?:'.$names.')\b/', static fn (array $match): string => self::word($match[0]), $template,
        );
        $template = (string) preg_replace(['/\s*==\s*"([^"]*)"/', '/\s*!=\s*"([^"]*)"/'], [' is $1', ' is not $1'], $template);

        return [strtr($template, [' * ' => ' × ', ' / ' => ' ÷ ', '-its' => '− its', ' <= ' => ' ≤ ', ' >= ' => ' ≥ ']), $lengths];
    }

    /** What a name of a formula stands for. */
    public static function meaning(string $name): string
    {
        return str_replace(['[', ']'], '', self::word($name));
    }

    private static function word(string $name): string
    {
        $spaced = static fn (int $from, ?int $length = null): string => str_replace('_', ' ', substr($name, $from, $length));

        return match (true) {
            isset(self::WORDS[$name]) => self::WORDS[$name],
            str_starts_with($name, 'other_cut_') => "the cut of the [{$spaced(10)}] of the other end",
            str_starts_with($name, 'cut_') => "the cut of the [{$spaced(4)}]",
            str_ends_with($name, '_near') => "the near edge of the {$spaced(0, -5)}",
            str_ends_with($name, '_far') => "the far edge of the {$spaced(0, -4)}",
            default => "“{$spaced(0)}”",
        };
    }
}
