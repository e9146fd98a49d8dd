<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;
use Berm\Core\Check\Check;
use Berm\Core\Check\WaitSince;
use Berm\Core\MarkOut\Cut;

/** What must hold of a sheet's stages taken together. @internal use KitSheet::of() */
final class StageOrder
{
    /**
     * @param list<Stage>                    $stages
     * @param array<string, Item>            $items
     * @param array<string, Stock>           $stock
     * @param list<StripRule>                $rules
     * @param non-empty-array<string, Takes> $takes  by End value
     *
     * @throws BadKitSheet
     */
    public static function ensureSound(array $stages, array $items, array $stock, array $rules, array $takes): void
    {
        if ([] === $stages) {
            return;
        }
        self::ensureKnown($stages, array_keys($items), array_keys($stock));
        self::ensureOnce($stages, $items, array_map(static fn (StripRule $rule): Cut => $rule->cut, $rules), $takes);
        self::ensureParkedBeforeTheConnector($stages, $items);
    }

    /**
     * @param list<Stage>  $stages
     * @param list<string> $items
     * @param list<string> $stock
     */
    private static function ensureKnown(array $stages, array $items, array $stock): void
    {
        $before = [];
        foreach ($stages as $stage) {
            isset($before[$stage->key]) && throw BadKitSheet::stageTwice($stage->key);
            foreach (array_diff([...$stage->parks, ...$stage->installs], $items) as $unknown) {
                throw BadKitSheet::stageNames($stage->key, 'item', $unknown);
            }
            foreach (array_diff($stage->uses, $stock) as $unknown) {
                throw BadKitSheet::stageNames($stage->key, 'stock', $unknown);
            }
            foreach ($stage->checks as $check) {
                self::ensureWaitsForWhatIsBefore($check, $stage, $before);
            }
            $before[$stage->key] = $stage;
        }
    }

    /** @param array<string, Stage> $before */
    private static function ensureWaitsForWhatIsBefore(Check $check, Stage $stage, array $before): void
    {
        $wait = $check->question instanceof WaitSince ? $check->question : null;
        if (null === $wait) {
            return;
        }
        $isWithin = null !== $wait->set || null !== $wait->check;
        $since = $before[$wait->after] ?? ($wait->after === $stage->key && $isWithin ? $stage : null);
        null === $since && throw BadKitSheet::waitsFor($stage->key, $wait->after);
        if (null !== $wait->set && !\in_array($wait->set, $since->installs, true)) {
            throw BadKitSheet::stageNames($since->key, 'item', $wait->set);
        }
        if (null !== $wait->check && null === $since->check($wait->check)) {
            throw BadKitSheet::stageNames($since->key, 'check', $wait->check);
        }
    }

    /**
     * @param list<Stage>                    $stages
     * @param array<string, Item>            $items
     * @param list<Cut>                      $cuts
     * @param non-empty-array<string, Takes> $takes  by End value
     */
    private static function ensureOnce(array $stages, array $items, array $cuts, array $takes): void
    {
        foreach ($cuts as $cut) {
            foreach (End::cases() as $end) {
                $made = array_filter($stages, static fn (Stage $stage): bool => $stage->makes($cut, $end));
                $least = ($takes[$end->value] ?? $takes[array_key_first($takes)])->mayHave($cut) ? 1 : 0;
                (\count($made) >= $least && \count($made) <= 1) || throw BadKitSheet::notOnce('cut', $cut->value);
            }
        }
        $installed = array_merge(...array_map(static fn (Stage $stage): array => $stage->installs, $stages));
        foreach ($items as $item) {
            \in_array($item->key, $installed, true) || throw $item->isParked()
                ? BadKitSheet::parkedForNothing($item->key)
                : BadKitSheet::notOnce('item', $item->key);
        }
        if (1 !== \count(array_filter($stages, static fn (Stage $stage): bool => $stage->fitsConnector))) {
            throw BadKitSheet::notOnce('connector', 'fitsConnector');
        }
    }

    /**
     * @param list<Stage>         $stages
     * @param array<string, Item> $items
     */
    private static function ensureParkedBeforeTheConnector(array $stages, array $items): void
    {
        $parked = [];
        foreach ($stages as $stage) {
            $parked = [...$parked, ...$stage->parks];
            if ($stage->fitsConnector) {
                break;
            }
        }
        foreach ($items as $item) {
            $item->isParked() && !\in_array($item->key, $parked, true) && throw BadKitSheet::parkedTooLate($item->key);
        }
    }
}
