<?php

declare(strict_types=1);

namespace Berm\Core\Prove;

use Berm\Core\Kit\KitSheet;

/** Where in a sheet something is wrong: an entry of one of its lists, by its key. */
final readonly class Part
{
    /** @param 'items'|'placeRules'|'stages'|'stock' $list as the open file calls it */
    private function __construct(public string $list, public string $key)
    {
    }

    public static function item(string $key): self
    {
        return new self('items', $key);
    }

    public static function stage(string $key): self
    {
        return new self('stages', $key);
    }

    public static function stock(string $key): self
    {
        return new self('stock', $key);
    }

    /** Of an item, or of the whole; null of what every accessory must keep. */
    public static function ofRule(KitSheet $sheet, string $key): ?self
    {
        $ofWhole = array_filter($sheet->placeRules, static fn ($rule): bool => $rule->key === $key);

        return isset($sheet->items[$key]) ? self::item($key) : ([] === $ofWhole ? null : new self('placeRules', $key));
    }
}
