<?php

declare(strict_types=1);

namespace Berm\Core\Card;

use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;

/**
 * A strip of paper to lay along the cable, or round it: every cut of an end at true size from the end of the conductor, in pieces as long
 * as
 * a sheet is. Long plain stretches can be left out: then what is left out is said, from line to line. Source: geometry.
 */
final readonly class Strip
{
    /** Past the last line, so that it is seen, and on both sides of what is left out. */
    private const MARGIN = 20;

    /** @param list<StripPiece> $pieces from the end of the conductor on */
    private function __construct(public End $end, public ?int $core, public array $pieces)
    {
    }

    /**
     * @param int|null    $core    null: the first, and what all share
     * @param Length      $longest of a piece: more than 80 mm
     * @param Length|null $plain   a stretch without a line that is longer than this is left out; null: none is
     */
    public static function of(Plan $plan, End $end, ?int $core, LengthUnit $unit, Length $longest, ?Length $plain): self
    {
        $marks = [StripMark::end()];
        foreach ($plan->markOut?->marksOf($end, $core) ?? [] as $mark) {
            $marks[] = StripMark::cut($mark, $unit);
        }
        usort($marks, static fn (StripMark $one, StripMark $other): int => $one->at->nanometres <=> $other->at->nanometres);
        $pieces = [];
        $before = null;
        foreach (self::stretches($marks, $plain, LengthUnit::Inch === $unit ? Length::ofSixtyFourths(4)
            : Length::ofMillimetres(1)) as [$from, $to]) {
            foreach (self::chopped($from, $to, $longest) as $i => [$start, $stop]) {
                $on = array_values(array_filter(
                    $marks, static fn (StripMark $mark): bool => $start->isAtMost($mark->at) && $mark->at->isAtMost($stop),
                ));
                $pieces[] = new StripPiece($start, $stop, $on, $i > 0, 0 === $i && null !== $before ? $start->minus($before) : null);
                $before = $stop;
            }
        }

        return new self($end, $core, $pieces);
    }

    /**
     * @param non-empty-list<StripMark> $marks
     * @param Length                    $step  of a tape
     *
     * @return list<array{Length, Length}> without what is left out
     */
    private static function stretches(array $marks, ?Length $plain, Length $step): array
    {
        $margin = Length::ofMillimetres(self::MARGIN);
        $least = null === $plain ? null : Length::largest($plain, $margin->times(3));
        $stretches = [];
        $from = $last = $marks[0]->at;
        foreach ($marks as $mark) {
            if (null !== $least && $least->isLessThan($mark->at->minus($last))) {
                $stop = $last->plus($margin);
                $stretches[] = [$from, $stop];
                // What is left out is measured with a tape: so many of its marks.
                $left = $mark->at->minus($margin)->minus($stop);
                $from = $stop->plus($step->times(intdiv($left->nanometres, $step->nanometres)));
            }
            $last = $mark->at;
        }

        return [...$stretches, [$from, $last->plus($margin)]];
    }

    /**
     * In pieces of equal length, so that none of them is too short to be glued.
     *
     * @return non-empty-list<array{Length, Length}>
     */
    private static function chopped(Length $from, Length $to, Length $longest): array
    {
        $all = $to->minus($from)->nanometres;
        $count = max(1, (int) ceil($all / $longest->nanometres));
        $at = static fn (int $i): Length => $from->plus(Length::ofNanometres(intdiv($all * $i, $count)));

        return array_map(static fn (int $i): array => [$at($i), $at($i + 1)], range(0, $count - 1));
    }
}
