<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** An edge of an item, or of a feature in it: towards the connector or lug, or towards the cable, as one end sees it. */
final readonly class ItemEdge
{
    private const NEAR = '_near';
    private const FAR = '_far';

    public function __construct(public string $item, public ?Feature $feature, public bool $isFar)
    {
    }

    /**
     * As formulas have the edges of an item, or of a feature that is named after its item.
     *
     * @return array{string, string}
     */
    public static function names(string $thing): array
    {
        return [$thing.self::NEAR, $thing.self::FAR];
    }

    /**
     * @param array<string, Item> $items
     *
     * @return array<string, self> by the name that formulas have
     */
    public static function allOf(array $items): array
    {
        $edges = [];
        foreach ($items as $item) {
            foreach ([null, ...$item->features] as $feature) {
                $thing = $item->formulaName().(null === $feature ? '' : '_'.str_replace('-', '_', $feature->key));
                [$near, $far] = self::names($thing);
                $edges[$near] = new self($item->key, $feature, false);
                $edges[$far] = new self($item->key, $feature, true);
            }
        }

        return $edges;
    }
}
