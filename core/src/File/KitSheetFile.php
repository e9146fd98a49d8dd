<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Formula\Vocabulary;
use Berm\Core\Kit\Content;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Part;
use Berm\Core\Kit\Stage;
use Berm\Core\Kit\StripRule;
use Berm\Core\MarkOut\Cut;

/** Kit sheets as open files (docs/formats/kit-sheet.md). */
final class KitSheetFile
{
    public static function read(Fields $file): KitSheet
    {
        $revision = RevisionFile::read($file);
        $name = $file->text('name', 120);
        $maker = $file->text('maker', 120);
        $application = KitApplicationFile::read($file);
        $takes = KitApplicationFile::readTakes($file);
        $shelf = KitShelfFile::read($file);
        $names = [];
        $sizes = $file->list('sizes', static function (Fields $size) use (&$names): KitSize {
            $names = [...$names, ...$size->keys('dimensions')];

            return KitSizeFile::read($size);
        });
        $mayOverlap = $file->has('overlappingSizes') && $file->flag('overlappingSizes');
        $formulas = new FormulaField(self::vocabulary($file, array_values(array_unique($names))), knowsNames: [] !== $file->keys('sizes'));
        $rules = $file->list('cuts', static fn (Fields $rule): StripRule => StripRuleFile::read($rule, $formulas));
        $parts = $file->list('parts', static fn (Fields $part): Part => KitPartFile::read($part, $formulas->forPlaces()));
        $contents = $file->list('contents', KitContentFile::read(...));
        $stages = $file->list('stages', static fn (Fields $stage): Stage => StageFile::read($stage, $formulas->forPlaces()));

        return KitSheet::of(
            $revision, $name, $maker, $application, $takes, $shelf, $sizes, $mayOverlap, $rules, $parts, $contents, $stages,
        );
    }

    /** @return array<string, mixed> */
    public static function write(KitSheet $sheet): array
    {
        return [
            ...RevisionFile::write($sheet->revision),
            'name' => $sheet->name,
            'maker' => $sheet->maker,
            ...KitApplicationFile::write($sheet),
            ...KitShelfFile::write($sheet->shelf),
            'sizes' => array_values(array_map(KitSizeFile::write(...), $sheet->sizes)),
            ...($sheet->hasOverlappingSizes ? ['overlappingSizes' => true] : []),
            'cuts' => array_values(array_map(
                static fn (Cut $cut): array => StripRuleFile::write($sheet->rules[$cut->value]),
                array_filter(Cut::cases(), static fn (Cut $cut): bool => isset($sheet->rules[$cut->value])),
            )),
            'parts' => array_values(array_map(KitPartFile::write(...), $sheet->parts)),
            ...([] === $sheet->contents ? [] : ['contents' => array_values(array_map(
                static fn (Content $content): array => KitContentFile::write($content), $sheet->contents,
            ))]),
            ...([] === $sheet->stages ? [] : ['stages' => array_map(StageFile::write(...), $sheet->stages)]),
        ];
    }

    /** @param list<string> $names of the dimensions of its sizes, whether or not these can be read */
    private static function vocabulary(Fields $file, array $names): Vocabulary
    {
        foreach ($names as $name) {
            if (1 !== preg_match('/\A[a-z][a-z0-9_]{1,40}\z/', $name) || Vocabulary::withDimensions([])->isBuiltIn($name) || str_starts_with($name, 'cut_') || str_starts_with($name, 'other_')) {
                $file->problem(
                    'sizes[0].dimensions.'.$name,
                    'cannot be used as a name: take lower-case letters, digits and underscores, and not a name that formulas have already.',
                );
            }
        }

        return Vocabulary::withDimensions($names);
    }
}
