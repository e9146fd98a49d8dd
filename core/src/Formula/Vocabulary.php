<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\End;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\InsulationScreen;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Connector\CentreStop;
use Berm\Core\Connector\Fixing;
use Berm\Core\Kit\Asked;
use Berm\Core\Kit\AskedKind;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Site\Mounting;
use Berm\Core\Site\Place;

/** The closed set of names that a sheet's formulas may use, with what each stands for. */
final readonly class Vocabulary
{
    private const BUILT_IN = [
        'connector_length' => Dimension::Length,
        'connector_diameter' => Dimension::Length,
        'connector_growth' => Dimension::Length,
        'bore_depth' => Dimension::Length,
        /* Half of the connector less the half of its stop: from the conductor's end, fully in, to the mouth of its side. */
        'half_connector' => Dimension::Length,
        /* Of the side that lies to the end. */
        'barrel_growth' => Dimension::Length,
        'conductor_diameter' => Dimension::Length,
        'insulation_diameter' => Dimension::Length,
        'insulation_thickness' => Dimension::Length,
        'insulation_wall' => Dimension::Length,
        'insulation_screen_diameter' => Dimension::Length,
        'insulation_screen_thickness' => Dimension::Length,
        'metallic_screen_diameter' => Dimension::Length,
        'lead_sheath_diameter' => Dimension::Length,
        'bedding_diameter' => Dimension::Length,
        'armour_diameter' => Dimension::Length,
        'oversheath_thickness' => Dimension::Length,
        'oversheath_diameter' => Dimension::Length,
        /* Nominal. */
        'conductor_area' => Dimension::Area,
        /* The highest between phases: Um, or the class. */
        'voltage' => Dimension::Voltage,
        'cores' => Dimension::Number,
        /* Shear bolts of the connector. */
        'bolts' => Dimension::Number,
        /* Of the barrel that lies to the end. */
        'crimps' => Dimension::Number,
        'connector_fixing' => Dimension::Text,
        'connector_stop' => Dimension::Text,
        'conductor_material' => Dimension::Text,
        'conductor_shape' => Dimension::Text,
        'insulation' => Dimension::Text,
        'insulation_screen' => Dimension::Text,
        'metallic_screen' => Dimension::Text,
        'armour' => Dimension::Text,
        'other_insulation' => Dimension::Text,
        'other_metallic_screen' => Dimension::Text,
        'other_armour' => Dimension::Text,
        'end' => Dimension::Text,
        'place' => Dimension::Text,
        'mounting' => Dimension::Text,
    ];

    /**
     * @param array<string, Dimension>    $names
     * @param array<string, list<string>> $texts what a sheet's own choice can be, by its name
     */
    private function __construct(public array $names, private array $texts = [])
    {
    }

    /**
     * What the rule of a cut may use.
     *
     * @param list<string> $dimensions the sheet's own named dimensions
     */
    public static function withDimensions(array $dimensions): self
    {
        $cuts = array_map(static fn (Cut $cut): string => $cut->formulaName(), Cut::cases());

        return new self([
            ...self::BUILT_IN, ...array_fill_keys($cuts, Dimension::Length), ...array_fill_keys($dimensions, Dimension::Length),
        ]);
    }

    /**
     * What places, rules and checks may use too: the item's own length, the cuts of the other end, the connector's mouth and middle, and
     * the edges of items.
     *
     * @param list<string> $edges
     */
    public function forPlaces(array $edges = []): self
    {
        $others = array_map(static fn (Cut $cut): string => 'other_'.$cut->formulaName(), Cut::cases());
        $places = ['part_length', 'mouth', 'joint_centre', ...$others, ...$edges];

        return new self([...$this->names, ...array_fill_keys($places, Dimension::Length)], $this->texts);
    }

    /** What the sheet asks of a job: roles and choices are texts, the rest lengths. */
    public function asking(Asked ...$asked): self
    {
        $names = $texts = [];
        foreach ($asked as $one) {
            $names[$one->key] = AskedKind::Length === $one->kind ? Dimension::Length : Dimension::Text;
            $texts = AskedKind::Length === $one->kind ? $texts : [...$texts, $one->key => $one->values];
        }

        return new self([...$this->names, ...$names], [...$this->texts, ...$texts]);
    }

    public function isBuiltIn(string $name): bool
    {
        return isset(self::BUILT_IN[$name]) || \in_array($name, ['part_length', 'mouth', 'joint_centre'], true);
    }

    /** @return list<string>|null every text that a name can be; null for a name that is no text */
    public function textsOf(string $name): ?array
    {
        $enum = match ($name) {
            'connector_fixing' => Fixing::class,
            'connector_stop' => CentreStop::class,
            'conductor_material' => ConductorMaterial::class,
            'conductor_shape' => ConductorShape::class,
            'insulation', 'other_insulation' => InsulationMaterial::class,
            'insulation_screen' => InsulationScreen::class,
            'metallic_screen', 'other_metallic_screen' => MetallicScreen::class,
            'armour', 'other_armour' => Armour::class,
            'end' => End::class,
            'place' => Place::class,
            'mounting' => Mounting::class,
            default => null,
        };

        return null === $enum ? $this->texts[$name] ?? null : array_map(
            static fn (\BackedEnum $case): string => $case->value, $enum::cases(),
        );
    }
}
