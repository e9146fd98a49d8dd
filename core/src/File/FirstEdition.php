<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\End;
use Berm\Core\Formula\Formula;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Application;
use Berm\Core\Kit\ElectricalClass;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Nature;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Kit\Placing;
use Berm\Core\Kit\Property;
use Berm\Core\Kit\RuleKind;
use Berm\Core\Kit\Side;
use Berm\Core\Kit\Stock;
use Berm\Core\Kit\StockKind;
use Berm\Core\Kit\Technology;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Toleranced;

/**
 * Kit sheets as they were written first: parts with a bore, and contents beside them. Each part becomes an item and the stock that it is
 * made of, under one key; what such a sheet does not say (how well a hand sets it, how its length may differ) stays unsaid.
 *
 * @internal
 */
final class FirstEdition
{
    /** @return array{Item, Stock} */
    public static function part(Fields $file, FormulaField $formulas, Application $application): array
    {
        $key = $file->text('key', 40);
        $name = $file->text('name', 80);
        $kind = $file->kind('kind', StockKind::class);
        $parkOn = $file->choices('parkOn', End::class);
        $side = $file->has('side') ? $file->choice('side', Side::class) : Side::Across;
        $isPerCore = $file->has('perCore') && $file->flag('perCore');
        $isNested = $file->has('nested') && $file->flag('nested');
        $when = $formulas->condition($file);
        $from = $formulas->length($file, 'from');
        $rules = [
            ...self::laps($file, $key), ...$file->list('coverage', static fn (Fields $rule): PlaceRule => self::coverage($rule, $key)),
        ];
        $placing = Side::Across === $side && AccessoryFunction::Joint === $application->function
            ? Placing::fromCentre($from)
            : Placing::from($from);
        $item = new Item(
            $key, $name, self::nature($kind, $application->technology), self::class($kind), $key, $side, $isPerCore, $when, $placing,
            Length::ofNanometres(0), null, null, null, $parkOn, $isNested, '', [], $rules, $file->optionalText('reason', 400),
        );

        return [$item, Stock::of($key, $name, $kind, null, [])];
    }

    /**
     * What each size says of its parts.
     *
     * @param array<string, Stock> $stock by key
     *
     * @return array<string, Stock>
     */
    public static function inSize(Fields $size, array $stock): array
    {
        $made = $size->table('parts', static fn (Fields $part, string $key): Stock => Fields::got(
            ($stock[$key] ?? null)?->inSize(null, self::tube($part)),
        ));

        return [...$stock, ...$made];
    }

    /** @return array<string, Toleranced|float> by Property value */
    private static function tube(Fields $file): array
    {
        $optional = array_filter(
            [
                Property::InstalledLength, Property::Wall, Property::Pitch,
            ], static fn (Property $property): bool => $file->has($property->value),
        );
        $properties = [];
        foreach ([Property::Length, Property::ExpandedBore, Property::RecoveredBore, ...$optional] as $property) {
            $properties[$property->value] = Toleranced::exact($file->length($property->value));
        }

        return $file->has('count') ? [...$properties, Property::Row->value => (float) $file->integer('count', 1, 40)] : $properties;
    }

    /** @return array<string, mixed> the sheet as it was read */
    public static function write(KitSheet $sheet): array
    {
        $ofItems = array_column(array_map(static fn (Item $item): array => [$item->stock, true], $sheet->items), 1, 0);
        $contents = array_values(array_diff_key($sheet->stock, $ofItems));

        return [
            'sizes' => array_values(array_map(static fn (KitSize $size): array => [
                ...KitSizeFile::writeTaken($size),
                'parts' => (object) array_map(self::writeTube(...), array_intersect_key($size->stock, $ofItems)),
            ], $sheet->sizes)),
            ...($sheet->hasOverlappingSizes ? ['overlappingSizes' => true] : []),
            'cuts' => array_values(array_map(
                static fn (Cut $cut): array => StripRuleFile::write($sheet->rules[$cut->value]),
                array_filter(Cut::cases(), static fn (Cut $cut): bool => isset($sheet->rules[$cut->value])),
            )),
            'parts' => array_values(array_map(
                static fn (Item $item): array => self::writePart($item, $sheet->stock[$item->stock]->kind), $sheet->items,
            )),
            ...([] === $contents ? [] : ['contents' => array_map(StockFile::write(...), $contents)]),
            ...([] === $sheet->stages ? [] : ['stages' => array_map(StageFile::writeFirst(...), $sheet->stages)]),
        ];
    }

    /** @return array<string, mixed> */
    private static function writePart(Item $item, StockKind $kind): array
    {
        $short = array_filter($item->rules, self::isShort(...));
        $laps = [];
        foreach ($short as $lap) {
            $laps[$lap->of->key ?? ''] = $lap->min?->text;
        }
        $others = array_values(array_filter($item->rules, static fn (PlaceRule $rule): bool => !self::isShort($rule)));

        return [
            'key' => $item->key,
            'name' => $item->name,
            'kind' => $kind->value,
            'parkOn' => array_map(static fn (End $end): string => $end->value, $item->parkOn),
            ...(Side::Across === $item->side ? [] : ['side' => $item->side->value]),
            ...($item->isPerCore ? ['perCore' => true] : []),
            ...($item->isNested ? ['nested' => true] : []),
            ...(null === $item->when ? [] : ['when' => $item->when->text]),
            'from' => $item->placing->formulas()[0]->text,
            'laps' => (object) $laps,
            ...([] === $others ? [] : ['coverage' => array_map(PlaceRuleFile::write(...), $others)]),
            ...('' === $item->reason ? [] : ['reason' => $item->reason]),
        ];
    }

    private static function isShort(PlaceRule $rule): bool
    {
        return RuleKind::Laps === $rule->kind && null === $rule->max && '' === $rule->reason;
    }

    /** @return array<string, mixed> */
    private static function writeTube(Stock $tube): array
    {
        $written = StockFile::write($tube);
        unset($written['key'], $written['name'], $written['kind']);
        if (isset($written[Property::Row->value])) {
            $written['count'] = $written[Property::Row->value];
            unset($written[Property::Row->value]);
        }

        return $written;
    }

    /** @return list<PlaceRule> "laps" is short for the commonest rule */
    private static function laps(Fields $file, string $item): array
    {
        $laps = [];
        foreach ($file->lengths('laps') as $name => $least) {
            $cut = Cut::tryFrom($name);
            if (null === $cut) {
                $file->problem(
                    'laps.'.$name,
                    'is not a layer with a cut: use '.implode(
                        ', ', array_map(static fn (Cut $cut): string => $cut->value, Cut::cases()),
                    ).'.',
                );
            } else {
                $laps[] = PlaceRule::lap($item, $cut, Formula::ofLength($least));
            }
        }

        return $laps;
    }

    private static function coverage(Fields $file, string $item): PlaceRule
    {
        $kind = $file->choice('rule', RuleKind::class);
        $limit = static fn (string $key): ?Formula => $file->has($key) ? Formula::ofLength($file->length($key)) : null;
        [$min, $max] = [$limit('min'), $limit('max')];
        if (null === $max && $kind->isWithin()) {
            $file->problem('max', 'is missing: say within how much.');
        }

        return PlaceRule::ofItem($item, $kind, Place::named($file->text('of', 40)), $min, $max, $file->text('reason', 400));
    }

    private static function nature(StockKind $kind, Technology $technology): Nature
    {
        return match ($kind) {
            StockKind::ColdShrinkBody => Nature::Body,
            StockKind::Housing => Technology::ColdShrink === $technology ? Nature::Body : Nature::Pushed,
            StockKind::PremouldedBody => Nature::Pushed,
            StockKind::Breakout, StockKind::Boot, StockKind::Shed => Nature::Moulded,
            StockKind::Mesh => Nature::Wrap,
            StockKind::WraparoundSleeve, StockKind::ArmourCage => Nature::Laid,
            default => Nature::Tube,
        };
    }

    private static function class(StockKind $kind): ElectricalClass
    {
        return match ($kind) {
            StockKind::StressTube => ElectricalClass::Grading,
            StockKind::ConductiveTube => ElectricalClass::Semiconducting,
            StockKind::Mesh, StockKind::ArmourCage => ElectricalClass::Metal,
            default => ElectricalClass::Insulating,
        };
    }
}
