<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Stock;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** What lies in the box. @internal use SheetInWords::of() */
final class StockInWords
{
    public static function of(Stock $stock, KitSheet $sheet): Rule
    {
        [$more, $values] = self::properties($stock);
        $count = $stock->count ?? $sheet->places($stock);

        return new Rule("box/$stock->key", 'In the box', Sentence::of(
            "$count × {name} ({kind})$more.", ['name' => $stock->name, 'kind' => $stock->kind->label(), ...$values],
        ));
    }

    /** @return array{string, array<string, Length|Sentence|string>} */
    public static function properties(Stock $stock): array
    {
        [$text, $values] = ['', []];
        foreach ($stock->kind->properties() as $property) {
            [$words, $value] = PropertyInWords::of($property, $stock->property($property) ?? false);
            $text .= '' === $words ? '' : ', '.strtr($words, ['{value' => '{'.$property->value]);
            $values = null === $value ? $values : [...$values, $property->value => $value];
        }

        return [$text, $values];
    }
}
