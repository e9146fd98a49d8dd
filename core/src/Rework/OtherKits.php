<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Fit\KitFit;
use Berm\Core\Job\Plan;
use Berm\Core\Saying\Sentence;

/** Another kit or size of which there is a box, by which what is out is right as it was made. */
final class OtherKits
{
    /** So many that fit are planned whole, the one that is nearest to expire first. */
    private const PLANNED = 6;

    /**
     * @param list<KitAtHand> $kits
     * @param Right           $isRight by a plan with another one
     */
    public static function among(Plan $plan, array $kits, Right $isRight, Sentence $as): Way
    {
        usort($kits, static fn (KitAtHand $one, KitAtHand $other): int => $one->isAfter($other));
        $tried = 0;
        foreach ($kits as $kit) {
            if ($tried < self::PLANNED && self::suits($plan, $kit)) {
                ++$tried;
                $other = Tried::with($plan->job->withKit($kit->sheet, $kit->size), $plan, $isRight);
                if (null !== $other) {
                    return self::taking($kit)->comingTo(Comes::to($other));
                }
            }
        }

        return Way::of(WayKind::OtherKit, Sentence::plain('Take another kit or size'), Sentence::plain(
            'One for which all is right as it was made.',
        ))->ruledOut(0 === $tried
            ? Sentence::plain('No box of another kit or size that fits these cables is written down in the store or on a van.')
            : Sentence::of('Of {tried} in stock that fit these cables, none is right with {as}.', ['tried' => $tried, 'as' => $as]));
    }

    private static function taking(KitAtHand $kit): Way
    {
        $when = null === $kit->expires ? '' : " One expires on {$kit->expires->format('j M Y')}.";
        $title = Sentence::of('Take {kit}, size {size}', ['kit' => $kit->sheet->name, 'size' => $kit->size->label]);

        return Way::of(WayKind::OtherKit, $title, Sentence::of(
            "All is right for it as it was made. The plan changes with it: cuts stay. {boxes} in stock.$when",
            ['boxes' => $kit->boxes],
        ), Cost::kits(1), Choice::kit($kit));
    }

    private static function suits(Plan $plan, KitAtHand $kit): bool
    {
        $job = $plan->job;
        $isSame = $kit->size->label === $job->size?->label && true === $job->sheet?->revision->equals($kit->sheet->revision);

        $cables = array_values($job->cables);

        return !$isSame && KitFit::judge($job->function, $cables, $job->site, $kit->sheet, $kit->size)->outcome()->lets();
    }
}
