<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

use Berm\Core\MarkOut\Cut;

/** The closed set of names that a sheet's formulas may use, with what each stands for. */
final readonly class Vocabulary
{
    private const BUILT_IN = [
        'connector_length' => Dimension::Length,
        'connector_diameter' => Dimension::Length,
        'connector_growth' => Dimension::Length,
        'bore_depth' => Dimension::Length,
        'connector_fixing' => Dimension::Text,
        'conductor_diameter' => Dimension::Length,
        'insulation_diameter' => Dimension::Length,
        'insulation_thickness' => Dimension::Length,
        'insulation_screen_thickness' => Dimension::Length,
        'oversheath_thickness' => Dimension::Length,
        'oversheath_diameter' => Dimension::Length,
        /* Of the part whose place is being worked out. */
        'part_length' => Dimension::Length,
    ];

    /** @param array<string, Dimension> $names */
    private function __construct(public array $names)
    {
    }

    /** @param list<string> $dimensions the sheet's own named dimensions */
    public static function withDimensions(array $dimensions): self
    {
        $cuts = array_map(static fn (Cut $cut): string => $cut->formulaName(), Cut::cases());

        return new self([...self::BUILT_IN, ...array_fill_keys($cuts, Dimension::Length), ...array_fill_keys($dimensions, Dimension::Length)]);
    }

    public function isBuiltIn(string $name): bool
    {
        return isset(self::BUILT_IN[$name]);
    }
}
