<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\Cores;
use Berm\Core\Cable\End;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\CoreError;
use Berm\Core\Formula\Dimension;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Vocabulary;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Part;
use Berm\Core\Kit\PartKind;
use Berm\Core\Kit\StripCase;
use Berm\Core\Kit\StripRule;
use Berm\Core\Kit\Technology;
use Berm\Core\Kit\TubeSize;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Tolerance;

/** Kit sheets as open files (docs/formats/kit-sheet.md). */
final class KitSheetFile
{
    public static function read(Fields $file): KitSheet
    {
        $revision = RevisionFile::read($file);
        $name = $file->text('name', 120);
        $maker = $file->text('maker', 120);
        $function = $file->choice('function', AccessoryFunction::class);
        $technology = $file->choice('technology', Technology::class);
        $voltage = $file->parsed('ratedVoltage', RatedVoltage::parse(...), RatedVoltage::parse('12 kV'));
        $cores = $file->has('cores') ? Cores::from($file->oneOf('cores', [1, 3])) : Cores::One;
        $insulations = self::atLeastOne($file, 'insulations', $file->choices('insulations', InsulationMaterial::class), InsulationMaterial::Xlpe);
        $screens = self::atLeastOne($file, 'metallicScreens', $file->choices('metallicScreens', MetallicScreen::class), MetallicScreen::CopperTape);
        $sizes = $file->list('sizes', self::size(...));
        $vocabulary = self::vocabulary($file, $sizes);
        $rules = $file->list('cuts', static fn (Fields $rule): StripRule => self::rule($rule, $vocabulary));
        $parts = $file->list('parts', static fn (Fields $part): Part => self::part($part, $vocabulary));

        return KitSheet::of($revision, $name, $maker, $function, $technology, $voltage, $cores, $insulations, $screens, $sizes, $rules, $parts);
    }

    /**
     * @template T
     *
     * @param list<T> $values
     * @param T       $standIn
     *
     * @return non-empty-list<T>
     */
    private static function atLeastOne(Fields $file, string $key, array $values, mixed $standIn): array
    {
        if ([] === $values) {
            $file->problem($key, 'is empty: list at least one.');
        }

        return [] === $values ? [$standIn] : $values;
    }

    /** @param list<KitSize> $sizes */
    private static function vocabulary(Fields $file, array $sizes): Vocabulary
    {
        $names = array_keys($sizes[0]->dimensions ?? []);
        foreach ($names as $name) {
            if (1 !== preg_match('/\A[a-z][a-z0-9_]{1,40}\z/', $name) || Vocabulary::withDimensions([])->isBuiltIn($name) || str_starts_with($name, 'cut_')) {
                $file->problem('sizes[0].dimensions.'.$name, 'cannot be used as a name: take lower-case letters, digits and underscores, and not a name that formulas have already.');
            }
        }

        return Vocabulary::withDimensions($names);
    }

    private static function size(Fields $file): KitSize
    {
        $label = $file->text('label', 40);
        $conductors = $file->object('conductor', RangeFile::readSizes(...));
        $insulation = $file->object('insulation', RangeFile::read(...));
        $oversheath = $file->object('oversheath', RangeFile::read(...));
        $connectorDiameter = $file->object('connectorDiameter', RangeFile::read(...));
        $connectorLength = $file->object('connectorLength', RangeFile::read(...));
        $dimensions = $file->lengths('dimensions');
        $parts = $file->table('parts', static fn (Fields $part): TubeSize => TubeSize::of($part->length('length'), $part->length('expandedBore'), $part->length('recoveredBore')));

        return new KitSize($label, Fields::got($conductors), Fields::got($insulation), Fields::got($oversheath), Fields::got($connectorDiameter), Fields::got($connectorLength), $dimensions, $parts);
    }

    private static function rule(Fields $file, Vocabulary $vocabulary): StripRule
    {
        $cut = $file->choice('cut', Cut::class);
        $tool = $file->text('tool', 120);
        $depth = $file->has('depth') ? self::formula($file, 'depth', $vocabulary) : null;
        $cases = $file->list('cases', static fn (Fields $case): StripCase => new StripCase(
            $case->has('when') ? self::formula($case, 'when', $vocabulary, Dimension::Truth) : null,
            self::formula($case, 'distance', $vocabulary),
            self::tolerance($case),
            $case->text('reason', 400),
        ));
        if ([] === $cases) {
            $file->problem('cases', 'is empty: give at least one distance.');
        }

        return new StripRule($cut, [] === $cases ? throw new Skipped() : $cases, $tool, $depth);
    }

    private static function tolerance(Fields $file): Tolerance
    {
        $zero = Length::ofNanometres(0);

        return Fields::got($file->object('tolerance', static fn (Fields $tolerance): Tolerance => Tolerance::of($tolerance->optionalLength('below') ?? $zero, $tolerance->optionalLength('above') ?? $zero)));
    }

    private static function part(Fields $file, Vocabulary $vocabulary): Part
    {
        $laps = $file->lengths('laps');
        foreach (array_keys($laps) as $layer) {
            if (null === Cut::tryFrom($layer)) {
                $file->problem('laps.'.$layer, 'is not a layer with a cut: use oversheath, metallic-screen, insulation-screen or insulation.');
            }
        }

        return new Part($file->text('key', 40), $file->text('name', 80), $file->choice('kind', PartKind::class), $file->choices('parkOn', End::class), self::formula($file, 'from', $vocabulary), $laps);
    }

    private static function formula(Fields $file, string $key, Vocabulary $vocabulary, Dimension $wanted = Dimension::Length): Formula
    {
        $value = $file->text($key, 400);
        try {
            return Formula::parse($value, $vocabulary, $wanted);
        } catch (CoreError $error) {
            $file->problem($key, $error->getMessage());

            return Formula::parse(Dimension::Truth === $wanted ? 'true' : '1 mm', $vocabulary, $wanted);
        }
    }

    /** @return array<string, mixed> */
    public static function write(KitSheet $sheet): array
    {
        return [
            ...RevisionFile::write($sheet->revision),
            'name' => $sheet->name,
            'maker' => $sheet->maker,
            'function' => $sheet->function->value,
            'technology' => $sheet->technology->value,
            'ratedVoltage' => $sheet->voltage->label,
            'cores' => $sheet->cores->value,
            'insulations' => array_map(static fn (InsulationMaterial $material): string => $material->value, $sheet->insulations),
            'metallicScreens' => array_map(static fn (MetallicScreen $screen): string => $screen->value, $sheet->screens),
            'sizes' => array_values(array_map(self::writeSize(...), $sheet->sizes)),
            'cuts' => array_map(static fn (Cut $cut): array => self::writeRule($sheet->rules[$cut->value]), Cut::cases()),
            'parts' => array_values(array_map(self::writePart(...), $sheet->parts)),
        ];
    }

    /** @return array<string, mixed> */
    private static function writeSize(KitSize $size): array
    {
        return [
            'label' => $size->label,
            'conductor' => RangeFile::writeSizes($size->conductors),
            'insulation' => RangeFile::write($size->insulation),
            'oversheath' => RangeFile::write($size->oversheath),
            'connectorDiameter' => RangeFile::write($size->connectorDiameter),
            'connectorLength' => RangeFile::write($size->connectorLength),
            'dimensions' => self::lengths($size->dimensions),
            'parts' => (object) array_map(static fn (TubeSize $part): array => [
                'length' => $part->length->toText(), 'expandedBore' => $part->expandedBore->toText(), 'recoveredBore' => $part->recoveredBore->toText(),
            ], $size->parts),
        ];
    }

    /** @return array<string, mixed> */
    private static function writeRule(StripRule $rule): array
    {
        return [
            'cut' => $rule->cut->value,
            'tool' => $rule->tool,
            ...(null === $rule->depth ? [] : ['depth' => $rule->depth->text]),
            'cases' => array_map(static fn (StripCase $case): array => [
                ...(null === $case->when ? [] : ['when' => $case->when->text]),
                'distance' => $case->distance->text,
                'tolerance' => ['below' => $case->tolerance->below->toText(), 'above' => $case->tolerance->above->toText()],
                'reason' => $case->reason,
            ], $rule->cases),
        ];
    }

    /** @return array<string, mixed> */
    private static function writePart(Part $part): array
    {
        return [
            'key' => $part->key,
            'name' => $part->name,
            'kind' => $part->kind->value,
            'parkOn' => array_map(static fn (End $end): string => $end->value, $part->parkOn),
            'from' => $part->from->text,
            'laps' => self::lengths($part->laps),
        ];
    }

    /** @param array<string, Length> $lengths */
    private static function lengths(array $lengths): object
    {
        return (object) array_map(static fn (Length $length): string => $length->toText(), $lengths);
    }
}
