<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Sentence;

/** What to do about a reading of a cut. Source: common practice; a strip can be lengthened, never put back. */
final class CutAdvice
{
    /** Null when there is nothing to say. */
    public static function on(Mark $mark, Reading $reading, Judgement $judgement): ?Sentence
    {
        $by = ['by' => $judgement->margin->absolute(), 'uncertainty' => $judgement->uncertainty];

        return match (true) {
            null !== self::slip($mark, $reading) => self::slip($mark, $reading),
            Verdict::Inside === $judgement->verdict => null,
            Verdict::NotProved === $judgement->verdict => Sentence::of(
                'Inside by {by:fine}, less than the ± {uncertainty:fine} of the instrument. Measure again with something finer.', $by,
            ),
            $judgement->isOutWithinUncertainty() => Sentence::of(
                'Out by {by:fine}, less than the ± {uncertainty:fine} of the instrument. Measure again with something finer before you mend it.',
                $by,
            ),
            $judgement->isTooLong() => Sentence::of(
                'Cut {by:fine} too far, and it cannot be put back.',
                $by,
            ),
            default => Sentence::of('{by:fine} short. Re-mark from the cable end, take off what is missing, and measure again.', $by),
        };
    }

    /** A reading that would be right in the other unit was most likely typed in the wrong one. */
    private static function slip(Mark $mark, Reading $reading): ?Sentence
    {
        $other = LengthUnit::Millimetre === $reading->unit ? LengthUnit::Inch : LengthUnit::Millimetre;
        $swapped = Length::ofNanometres(Rounding::Nearest->divide(
            $reading->value->nanometres * intdiv($other->nanometres(), 100_000), intdiv($reading->unit->nanometres(), 100_000),
        ));

        return $mark->window()->contains($swapped) && !$mark->window()->contains($reading->value)
            ? Sentence::of(
                '{typed} {unit} cannot be this cut, but {typed} {other} can: was it read in the other unit? Record it again with its unit.',
                ['typed' => $reading->typed, 'unit' => $reading->unit->value, 'other' => $other->value],
            )
            : null;
    }
}
