<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Kit\Coverage;
use Berm\Core\Kit\CoverageRule;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;

/** Holds where the parts of a kit lie against what each must cover or meet. @internal use Section::of() */
final readonly class Laps
{
    private function __construct(private Assembly $assembly, private Axis $axis, private CutPlaces $places, private ?int $core)
    {
    }

    /**
     * @param list<Interval> $parts
     * @param list<Interval> $targets all that a part can cover or meet
     * @param int            $core    from 1
     *
     * @return list<Lap>
     */
    public static function of(Assembly $assembly, Axis $axis, CutPlaces $places, array $parts, array $targets, int $core): array
    {
        $laps = new self($assembly, $axis, $places, $assembly->cores() > 1 ? $core : null);

        return array_merge([], ...array_map(static fn (Interval $part): array => $laps->ofPart($part, $targets), $parts));
    }

    /**
     * @param list<Interval> $targets
     *
     * @return list<Lap>
     */
    private function ofPart(Interval $interval, array $targets): array
    {
        $laps = [];
        $part = $this->assembly->sheet->parts[$interval->key()];
        foreach ($part->coverage as $coverage) {
            foreach ($targets as $target) {
                $end = $interval->end ?? $target->end ?? $this->assembly->cables[0]->end;
                if ($target->place->equals($coverage->of) && (null === $target->end || $target->end === $end)) {
                    $judgement = Judgement::of(
                        $this->measure($coverage, $end, $interval, $target), $this->uncertainty($end, $coverage->of), $coverage->window,
                    );
                    $place = LapPlace::of($part->key, $coverage->rule, $coverage->of, Where::of($end, $this->core));
                    $laps[] = new Lap($place, $part, $coverage, $target->name, $judgement);
                }
            }
        }

        return $laps;
    }

    private function measure(Coverage $coverage, End $end, Interval $part, Interval $target): Length
    {
        return match ($coverage->rule) {
            CoverageRule::Laps => $part->lapOn($target),
            CoverageRule::Covers => $part->overhangOf($target),
            CoverageRule::Butts, CoverageRule::Gap => $part->gapTo($target),
            CoverageRule::EndsShortOf => $this->axis->shortfall($end, $part, $target),
            CoverageRule::CentredOn => $part->offsetFrom($target),
        };
    }

    private function uncertainty(End $end, Place $of): Length
    {
        $cut = $of->cut();

        return null === $cut ? Length::ofNanometres(0) : $this->places->uncertainty($end, $cut);
    }
}
