<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Check\PhaseCheck;
use Berm\Core\Check\Safeguard;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Stage;
use Berm\Core\Kit\Step;
use Berm\Core\Kit\StepKind;
use Berm\Core\Kit\Technology;
use Berm\Core\MarkOut\Cut;

/**
 * The stages of a sheet that has none of its own: what every accessory of its kind needs, in the order in which each hides the one
 * before. Common practice.
 * What is parked and cut is known from the sheet; the rest is looked at.
 *
 * @internal use Progress::of()
 */
final class WorkSkeleton
{
    public const CONNECTOR = 'connector';
    private const BEGIN = 'begin';
    private const PARK = 'park';
    private const CUT = 'cut';

    /** @return list<Stage> */
    public static function of(Assembly $assembly, BuildState $build): array
    {
        $connector = Stage::bare(self::CONNECTOR, 'Fit the connector', [Step::connector()], true);
        $isOldLog = null !== $build->connector && [] === $build->checksOf(self::CONNECTOR);

        if ($isOldLog) {
            // Built before Berm asked for more, it is what it was.
            return [...self::preparing($assembly), $connector];
        }
        $begin = Stage::bare(self::BEGIN, 'Before anything is cut', self::looks(SkeletonLook::FIRST), false);
        $looks = [...self::looks(SkeletonLook::BEFORE_CONNECTOR), Step::check(PhaseCheck::Before->check())];

        return [$begin, ...self::preparing($assembly), $connector->withSteps([...$looks, Step::connector()]), ...self::after($assembly)];
    }

    /** @return list<Stage> in any order, as far as the cuts allow it */
    private static function preparing(Assembly $assembly): array
    {
        $parks = array_map(static fn (Item $item): Step => Step::ofItem(StepKind::Park, $item->key), $assembly->sheet->parkedItems());

        return [
            Stage::bare(self::PARK, 'Park what cannot be put on later', $parks, false),
            Stage::bare(self::CUT, 'Cut and measure', array_map(static fn (Cut $cut): Step => Step::cut($cut), Cut::cases()), false),
        ];
    }

    /** @return list<Stage> */
    private static function after(Assembly $assembly): array
    {
        $isJoint = AccessoryFunction::Joint === $assembly->function();
        $filled = self::looks([SkeletonLook::Fixed, SkeletonLook::Filled]);
        $stages = [Stage::bare('fill', 'Fill', [...self::flame($assembly), ...$filled], false)];
        $stages[] = Stage::bare('stress', 'Stress control', self::looks([SkeletonLook::StressControl]), false);
        $stages[] = Stage::bare('insulation', 'Insulation', self::looks([SkeletonLook::Insulation]), false);
        if ($isJoint) {
            $stages[] = Stage::bare('outer', 'Outer conductive layer', self::looks([SkeletonLook::OuterLayer]), false);
        }
        $screen = $isJoint ? SkeletonLook::ScreenThrough : SkeletonLook::Earth;
        $stages[] = Stage::bare('screen', 'Screen and earth', self::looks([$screen]), false);
        $stages[] = Stage::bare('seal', 'Seal', self::looks([SkeletonLook::Sealed]), false);
        if (self::hasArmour($assembly)) {
            $stages[] = Stage::bare('armour', 'Armour', self::looks([SkeletonLook::Armour]), false);
        }
        if ($isJoint) {
            $stages[] = Stage::bare('sheath', 'Oversheath', self::looks([SkeletonLook::Sheath]), false);
        }

        $last = [Step::check(PhaseCheck::After->check()), ...self::looks(SkeletonLook::LAST)];

        return [...$stages, Stage::bare('end', 'Cool, look, label, test', $last, false)];
    }

    private static function hasArmour(Assembly $assembly): bool
    {
        foreach ($assembly->cables as $cable) {
            if ($cable->construction->design->has(LayerKind::Armour)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Step> */
    private static function flame(Assembly $assembly): array
    {
        return Technology::HeatShrink === $assembly->sheet->application->technology
            ? [Step::check(Safeguard::Flame->check($assembly->site->place))]
            : [];
    }

    /**
     * @param list<SkeletonLook> $looks
     *
     * @return list<Step>
     */
    private static function looks(array $looks): array
    {
        return array_map(static fn (SkeletonLook $look): Step => Step::check($look->check()), $looks);
    }
}
