<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Writer;
use Berm\Core\Job\Plan;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Saying\Sentence;

/** The ways that nothing is done by: to measure again, and to let it stand. */
final class FirstWays
{
    public static function measureAgain(Judgement $judgement): Way
    {
        $numbers = ['by' => $judgement->margin->absolute(), 'within' => $judgement->uncertainty];

        return Way::of(WayKind::MeasureAgain, Sentence::plain('Measure it again with something finer'), Sentence::of(
            'It is out by {by:fine}, and the instrument tells to ± {within:fine}.', $numbers,
        ))->ruledOut($judgement->isOutWithinUncertainty() ? null : Sentence::of(
            'It is out by {by:fine}, more than the ± {within:fine} of the instrument: another reading will not put it right.', $numbers,
        ));
    }

    /** Every rule holds with it as it is: the leaflet's own window does not, and that is nobody's to pass over but an engineer's. */
    public static function letStand(Plan $plan, Judgement $judgement): Way
    {
        return Way::of(WayKind::LetStand, Sentence::plain('An engineer lets it stand'), Sentence::of(
            'Nothing is done: it lies {by:fine} outside the window of the sheet.', ['by' => $judgement->margin->absolute()],
        ), by: Writer::Engineer)->comingTo(Comes::to($plan));
    }
}
