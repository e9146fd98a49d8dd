<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Check\WaitSince;
use Berm\Core\MarkOut\Cut;

/** What must hold of a sheet's stages taken together. @internal use KitSheet::of() */
final class StageOrder
{
    /**
     * @param list<Stage>            $stages
     * @param array<string, Part>    $parts
     * @param array<string, Content> $contents
     * @param list<StripRule>        $rules
     *
     * @throws BadKitSheet
     */
    public static function ensureSound(array $stages, array $parts, array $contents, array $rules): void
    {
        if ([] === $stages) {
            return;
        }
        self::ensureKnown($stages, array_keys($parts), array_keys($contents));
        self::ensureOnce($stages, $parts, array_map(static fn (StripRule $rule): Cut => $rule->cut, $rules));
        self::ensureParkedBeforeTheConnector($stages, $parts);
    }

    /**
     * @param list<Stage>  $stages
     * @param list<string> $parts
     * @param list<string> $contents
     */
    private static function ensureKnown(array $stages, array $parts, array $contents): void
    {
        $before = [];
        foreach ($stages as $stage) {
            isset($before[$stage->key]) && throw BadKitSheet::stageTwice($stage->key);
            foreach (array_diff([...$stage->parks, ...$stage->installs], $parts) as $unknown) {
                throw BadKitSheet::stageNames($stage->key, 'part', $unknown);
            }
            foreach (array_diff($stage->uses, $contents) as $unknown) {
                throw BadKitSheet::stageNames($stage->key, 'content', $unknown);
            }
            foreach ($stage->checks as $check) {
                $after = $check->question instanceof WaitSince ? $check->question->after : null;
                null === $after || isset($before[$after]) || throw BadKitSheet::waitsFor($stage->key, $after);
            }
            $before[$stage->key] = true;
        }
    }

    /**
     * @param list<Stage>         $stages
     * @param array<string, Part> $parts
     * @param list<Cut>           $cuts
     */
    private static function ensureOnce(array $stages, array $parts, array $cuts): void
    {
        $made = array_merge(...array_map(
            static fn (Stage $stage): array => array_map(static fn (Cut $cut): string => $cut->value, $stage->cuts), $stages,
        ));
        foreach ($cuts as $cut) {
            1 === \count(array_keys($made, $cut->value, true)) || throw BadKitSheet::notOnce('cut', $cut->value);
        }
        $installed = array_merge(...array_map(static fn (Stage $stage): array => $stage->installs, $stages));
        foreach ($parts as $part) {
            \in_array($part->key, $installed, true) || throw $part->isParked()
                ? BadKitSheet::parkedForNothing($part->key)
                : BadKitSheet::notOnce('part', $part->key);
        }
        if (1 !== \count(array_filter($stages, static fn (Stage $stage): bool => $stage->fitsConnector))) {
            throw BadKitSheet::notOnce('connector', 'fitsConnector');
        }
    }

    /**
     * @param list<Stage>         $stages
     * @param array<string, Part> $parts
     */
    private static function ensureParkedBeforeTheConnector(array $stages, array $parts): void
    {
        $parked = [];
        foreach ($stages as $stage) {
            $parked = [...$parked, ...$stage->parks];
            if ($stage->fitsConnector) {
                break;
            }
        }
        foreach ($parts as $part) {
            $part->isParked() && !\in_array($part->key, $parked, true) && throw BadKitSheet::parkedTooLate($part->key);
        }
    }
}
