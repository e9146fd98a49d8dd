<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Writer;
use Berm\Core\Cable\End;
use Berm\Core\Job\Assembled;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Nature;
use Berm\Core\Margin\Locus;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Ruling;

/**
 * A gap beside the connector that is wider than planned is filled, where the kit fills it there and its own limit is kept: its rule of the
 * gap, and what the box holds. Common practice: strip too long, fill within the limit or recut.
 */
final class Filling
{
    /** Of a cut of the insulation that is too long; null: nothing fills a gap there. */
    public static function of(Plan $plan, MarkPlace $place, Judgement $judgement): ?Way
    {
        return Cut::Insulation === $place->cut && $judgement->isTooLong() ? self::way($plan, $place->end, $place->core) : null;
    }

    /** Of a gap that was measured and is too wide; null: it is no such length, or nothing fills it. */
    public static function ofGap(OutLength $out): ?Way
    {
        $measure = $out->measure();
        $isGap = 'mouth' === $measure?->from->name() && Cut::Insulation === Cut::ofFormulaName($measure->to->name() ?? '');
        $end = $out->ends()[0] ?? null;

        return $isGap && null !== $end && $out->isTooLong() ? self::way($out->plan, $end, $out->place->where->core) : null;
    }

    private static function way(Plan $plan, End $end, ?int $core): ?Way
    {
        $item = self::over($plan, $end, $core ?? 1);
        if (null === $item) {
            return null;
        }
        $name = lcfirst($item->item->name);

        return Way::of(
            WayKind::Fill, Sentence::of('Fill the gap with the {part}', ['part' => $name]), Sentence::of(
                'The strip stays as it is, if an engineer lets it; the {part} fills what is wider.', ['part' => $name],
            ), by: Writer::Engineer,
        )->ruledOut(self::tooWide($plan, $end))->ruledOut(Lost::without($plan))->comingTo(Comes::to($plan));
    }

    /** The kit's own limit of the gap. */
    private static function tooWide(Plan $plan, End $end): ?Sentence
    {
        foreach ($plan->rulings as $ruling) {
            if (self::isOfGap($ruling, $plan) && $ruling->place->where->end === $end && $ruling->isShort()) {
                return $ruling->reason();
            }
        }

        return null;
    }

    private static function isOfGap(Ruling $ruling, Plan $plan): bool
    {
        return 'mouth' === ($plan->sheet->placeRules[$ruling->place->item] ?? null)?->from?->name();
    }

    /** What is wound over the middle of the gap. */
    private static function over(Plan $plan, End $end, int $core): ?PlacedItem
    {
        $places = Assembled::of($plan->job)->measuring($plan->build)?->places($core);
        $section = $plan->sectionOf($core);
        if (null === $places || null === $section || !$places->has($end, Cut::Insulation)) {
            return null;
        }
        $middle = Length::sum($places->mouth($end)->nominal, $places->cut($end, Cut::Insulation)->nominal)
            ->dividedBy(2, Rounding::Nearest);
        $at = $places->frame($end)->onAxis(Locus::exact($middle))->nominal->nanometres;
        foreach ($section->items as $placed) {
            if (Nature::Wrap === $placed->item->nature && $placed->covers((float) $at)) {
                return $placed;
            }
        }

        return null;
    }
}
