<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\Cores;
use Berm\Core\Cable\End;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Revision;

/** A kit's leaflet as data: one numbered revision, checked as a whole when it is made. */
final readonly class KitSheet
{
    /**
     * @param non-empty-list<InsulationMaterial> $insulations
     * @param non-empty-list<MetallicScreen>     $screens
     * @param non-empty-array<string, KitSize>   $sizes       by label
     * @param array<string, StripRule>           $rules       by Cut value, every cut, in the order in which they can be worked out
     * @param array<string, Part>                $parts       by key, in the order in which they are installed
     */
    private function __construct(
        public Revision $revision,
        public string $name,
        public string $maker,
        public AccessoryFunction $function,
        public Technology $technology,
        public RatedVoltage $voltage,
        public Cores $cores,
        public array $insulations,
        public array $screens,
        public array $sizes,
        public array $rules,
        public array $parts,
    ) {
    }

    /**
     * @param non-empty-list<InsulationMaterial> $insulations
     * @param non-empty-list<MetallicScreen>     $screens
     * @param list<KitSize>                      $sizes
     * @param list<StripRule>                    $rules
     * @param list<Part>                         $parts       in the order in which they are installed
     *
     * @throws BadKitSheet
     */
    public static function of(
        Revision $revision,
        string $name,
        string $maker,
        AccessoryFunction $function,
        Technology $technology,
        RatedVoltage $voltage,
        Cores $cores,
        array $insulations,
        array $screens,
        array $sizes,
        array $rules,
        array $parts,
    ): self {
        $partsByKey = self::partsByKey($parts, $function);

        return new self(
            $revision, $name, $maker, $function, $technology, $voltage, $cores, $insulations, $screens,
            self::sizesByLabel($sizes, array_keys($partsByKey)), self::inOrderOfReckoning($rules), $partsByKey,
        );
    }

    /** @return list<Part> those to be parked before the connector, in the order in which they are installed */
    public function parkedParts(): array
    {
        return array_values(array_filter($this->parts, static fn (Part $part): bool => $part->isParked()));
    }

    /**
     * @param list<Part> $parts
     *
     * @return array<string, Part>
     */
    private static function partsByKey(array $parts, AccessoryFunction $function): array
    {
        $byKey = [];
        foreach ($parts as $part) {
            if (isset($byKey[$part->key])) {
                throw BadKitSheet::partTwice($part->key);
            }
            if (AccessoryFunction::Termination === $function && \in_array(End::B, $part->parkOn, true)) {
                throw BadKitSheet::parkedOffTheJob($part->key);
            }
            $byKey[$part->key] = $part;
        }

        return $byKey;
    }

    /**
     * @param list<KitSize> $sizes
     * @param list<string>  $parts
     *
     * @return non-empty-array<string, KitSize>
     */
    private static function sizesByLabel(array $sizes, array $parts): array
    {
        $byLabel = [];
        foreach ($sizes as $size) {
            if (isset($byLabel[$size->label])) {
                throw BadKitSheet::sizeTwice($size->label);
            }
            foreach (array_keys($sizes[0]->dimensions) as $name) {
                isset($size->dimensions[$name]) || throw BadKitSheet::sizeLacks($size->label, \sprintf('the dimension "%s"', $name));
            }
            foreach ($parts as $key) {
                isset($size->parts[$key]) || throw BadKitSheet::sizeLacks($size->label, \sprintf('the part "%s"', $key));
            }
            $byLabel[$size->label] = $size;
        }

        return [] === $byLabel ? throw BadKitSheet::noSizes() : $byLabel;
    }

    /**
     * A cut may be given from another cut: each comes after those it rests on.
     *
     * @param list<StripRule> $rules
     *
     * @return array<string, StripRule>
     */
    private static function inOrderOfReckoning(array $rules): array
    {
        $waiting = [];
        foreach ($rules as $rule) {
            isset($waiting[$rule->cut->value]) && throw BadKitSheet::cutTwice($rule->cut);
            $waiting[$rule->cut->value] = $rule;
        }
        foreach (Cut::cases() as $cut) {
            isset($waiting[$cut->value]) || throw BadKitSheet::cutMissing($cut);
        }
        $ordered = [];
        while ([] !== $waiting) {
            $open = array_map(static fn (StripRule $rule): string => $rule->cut->formulaName(), array_values($waiting));
            $ready = array_filter($waiting, static fn (StripRule $rule): bool => [] === array_intersect($rule->names(), $open));
            if ([] === $ready) {
                throw BadKitSheet::circle($waiting[array_key_first($waiting)]->cut);
            }
            $ordered = [...$ordered, ...$ready];
            $waiting = array_diff_key($waiting, $ready);
        }

        return $ordered;
    }
}
