<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Formula\Vocabulary;
use Berm\Core\Kit\Application;
use Berm\Core\Kit\Excepted;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\ItemEdge;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Kit\RuleKind;
use Berm\Core\Kit\Stage;
use Berm\Core\Kit\Stock;
use Berm\Core\Kit\StripRule;
use Berm\Core\MarkOut\Cut;

/** Kit sheets as open files (docs/formats/kit-sheet.md). */
final class KitSheetFile
{
    public static function read(Fields $file): KitSheet
    {
        $revision = RevisionFile::read($file);
        $file->optionalObject('begun', BegunFile::check(...));
        $name = $file->text('name', 120);
        $maker = $file->text('maker', 120);
        $application = KitApplicationFile::read($file);
        $takes = KitApplicationFile::readTakes($file);
        $shelf = KitShelfFile::read($file);
        $isFirst = !$file->has('edition') || 2 !== $file->oneOf('edition', [1, 2]);
        $leaflet = $isFirst ? '' : $file->optionalText('leaflet', 60);
        $asked = $file->list('asked', AskedFile::read(...));
        $names = self::dimensions($file);
        $formulas = (new FormulaField(self::vocabulary($file, $names), knowsNames: [] !== $file->keys('sizes')))->asking(...$asked);
        $forPlaces = $formulas->forPlaces($isFirst ? [] : self::edges($file));
        [$items, $stock] = self::contents($file, $forPlaces, $application, $isFirst);
        $byKey = array_column(array_map(static fn (Stock $one): array => [$one->key, $one], $stock), 1, 0);
        $sizes = $file->list('sizes', static fn (Fields $size): KitSize => KitSizeFile::read($size, $byKey, $isFirst));
        $mayOverlap = $file->has('overlappingSizes') && $file->flag('overlappingSizes');
        $rules = $file->list('cuts', static fn (Fields $rule): StripRule => StripRuleFile::read($rule, $isFirst ? $formulas : $forPlaces));
        $placeRules = $file->list('placeRules', static fn (Fields $rule): PlaceRule => PlaceRuleFile::readOfSheet($rule, $forPlaces));
        $excepted = $file->list('excepted', static fn (Fields $one): Excepted => new Excepted(
            $one->text('key', 40), $one->has('rule') ? $one->choice('rule', RuleKind::class) : null, $one->text('reason', 400),
        ));
        $stages = $file->list('stages', static fn (Fields $stage): Stage => $isFirst
            ? StageFile::readFirst($stage, $forPlaces)
            : StageFile::read($stage, $forPlaces));

        return KitSheet::of(
            $revision, $name, $maker, $application, $takes, $shelf, $sizes, $mayOverlap, $rules, $items, $stock, $placeRules, $asked,
            $excepted, $stages,
            $isFirst ? 1 : 2, $leaflet,
        );
    }

    /** @return array<string, mixed> in the edition that it was read in */
    public static function write(KitSheet $sheet): array
    {
        return [
            ...RevisionFile::write($sheet->revision),
            ...(1 === $sheet->edition ? [] : ['edition' => $sheet->edition]),
            'name' => $sheet->name,
            'maker' => $sheet->maker,
            ...('' === $sheet->leaflet ? [] : ['leaflet' => $sheet->leaflet]),
            ...KitApplicationFile::write($sheet),
            ...KitShelfFile::write($sheet->shelf),
            ...(1 === $sheet->edition ? FirstEdition::write($sheet) : self::writeSecond($sheet)),
        ];
    }

    /** @return array<string, mixed> */
    private static function writeSecond(KitSheet $sheet): array
    {
        return [
            ...([] === $sheet->asked ? [] : ['asked' => array_values(array_map(AskedFile::write(...), $sheet->asked))]),
            'sizes' => array_values(array_map(
                static fn (KitSize $size): array => KitSizeFile::write($size, $sheet->stock), $sheet->sizes,
            )),
            ...($sheet->hasOverlappingSizes ? ['overlappingSizes' => true] : []),
            'stock' => array_values(array_map(StockFile::write(...), $sheet->stock)),
            'cuts' => array_values(array_map(
                static fn (Cut $cut): array => StripRuleFile::write($sheet->rules[$cut->value]),
                array_filter(Cut::cases(), static fn (Cut $cut): bool => isset($sheet->rules[$cut->value])),
            )),
            'items' => array_values(array_map(KitItemFile::write(...), $sheet->items)),
            ...([] === $sheet->placeRules ? [] : ['placeRules' => array_values(array_map(
                PlaceRuleFile::writeOfSheet(...), $sheet->placeRules,
            ))]),
            ...([] === $sheet->excepted ? [] : ['excepted' => array_map(static fn (Excepted $one): array => [
                'key' => $one->key, ...(null === $one->kind ? [] : ['rule' => $one->kind->value]), 'reason' => $one->reason,
            ], $sheet->excepted)]),
            ...([] === $sheet->stages ? [] : ['stages' => array_map(StageFile::write(...), $sheet->stages)]),
        ];
    }

    /** @return list<string> named lengths of its sizes, whether or not these can be read */
    private static function dimensions(Fields $file): array
    {
        return array_values(
            array_unique(array_merge([], ...$file->peek('sizes', static fn (Fields $size): array => $size->keys('dimensions')))),
        );
    }

    /** @return list<string> the edges of items and of their features as formulas have them, whether or not these can be read */
    private static function edges(Fields $file): array
    {
        $things = $file->peek('items', static fn (Fields $item): array => [
            $item->text('key', 40),
            ...$item->list('features', static fn (Fields $feature): string => $item->text('key', 40).'_'.$feature->text('key', 40)),
        ]);

        return array_merge([], ...array_map(
            static fn (string $thing): array => ItemEdge::names(str_replace('-', '_', $thing)), array_merge([], ...$things),
        ));
    }

    /** @return array{list<Item>, list<Stock>} */
    private static function contents(Fields $file, FormulaField $formulas, Application $application, bool $isFirst): array
    {
        if (!$isFirst) {
            return [
                $file->list(
                    'items', static fn (Fields $item): Item => KitItemFile::read($item, $formulas),
                ), $file->list('stock', StockFile::read(...)),
            ];
        }
        $parts = $file->list('parts', static fn (Fields $part): array => FirstEdition::part($part, $formulas, $application));

        return [array_column($parts, 0), [...array_column($parts, 1), ...$file->list('contents', StockFile::read(...))]];
    }

    /** @param list<string> $names of the dimensions of its sizes, whether or not these can be read */
    private static function vocabulary(Fields $file, array $names): Vocabulary
    {
        foreach ($names as $name) {
            if (1 !== preg_match('/\A[a-z][a-z0-9_]{1,40}\z/', $name)
                || Vocabulary::withDimensions([])->isBuiltIn($name)
                || str_starts_with($name, 'cut_')
                || str_starts_with($name, 'other_')) {
                $file->problem(
                    'sizes[0].dimensions.'.$name,
                    'cannot be used as a name: take lower-case letters, digits and underscores, and not a name that formulas have already.',
                );
            }
        }

        return Vocabulary::withDimensions($names);
    }
}
