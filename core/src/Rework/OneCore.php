<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Event\CoreCutBack;
use Berm\Core\Build\Writer;
use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Sentence;

/**
 * One core of several is cut back, and the others stay as they are. In a joint they are longer than it then, and bow out where they
 * lie bare; on a termination its lug stands nearer. An engineer's: no sheet has it.
 */
final readonly class OneCore
{
    private function __construct(private Plan $plan, private CoreCutBack $event)
    {
    }

    public static function refusal(Plan $plan, CoreCutBack $event): ?Sentence
    {
        $shared = $plan->markOut?->mark($event->end, Cut::Oversheath);
        $cores = $plan->markOut?->cores() ?? 1;
        $alike = array_filter(range(1, $cores), static fn (int $core): bool => $core !== $event->core
            && [] === $plan->build->sawnOffAlone($event->end, $core));

        return match (true) {
            1 === $cores || null === $shared || null !== $shared->place->core => Sentence::plain(
                'The cores of this end are not in one cable: cut the end back.',
            ),
            $event->core > $cores => Sentence::plain('There is no such core on this job.'),
            [] === $alike => Sentence::plain('No other core is as it was: cut the whole end back instead.'),
            null !== $plan->build->connector => Sentence::plain('A connector is on: what it holds is not cut back.'),
            default => null,
        };
    }

    /** @return Way|null null: this end has no other cores beside that one */
    public static function way(Plan $plan, MarkPlace $place, Length $amount): ?Way
    {
        if (null === $place->core || null !== $plan->markOut?->mark($place->end, Cut::Oversheath)?->place->core) {
            return null;
        }
        $event = new CoreCutBack(
            $place->end, $place->core, Reading::typed($amount->toText(), LengthUnit::Millimetre, Instrument::SteelRule), '',
        );
        $aftermath = Aftermath::of($plan, $event);
        $parts = Lost::among($aftermath->falls(), $plan);

        return Way::of(
            WayKind::OneCore, Sentence::of("Cut core $place->core of end {$place->end->value} back by {by:fine}, alone", ['by' => $amount]),
            (new self($plan, $event))->does(), Cost::nothing()->andParts($parts)->andCable($amount), Choice::writing($event),
            Writer::Engineer,
        )->ruledOut($event->refusal($plan))->comingTo(static fn (): Comes => Comes::of($aftermath))->timed($plan);
    }

    private function does(): Sentence
    {
        if (AccessoryFunction::Joint !== $this->plan->job->function) {
            return Sentence::of(
                'Saw it off this core and mark its cuts anew; the others stay. Its lug stands {by:fine} nearer to the cable.',
                ['by' => $this->event->by->value],
            );
        }
        $bare = $this->bare();
        $bow = self::bow($bare, $this->event->by->value);

        return Sentence::of(
            'Saw it off this core and mark its cuts anew; the others stay, and are {by:fine} longer than it. Over {bare} of bare core they '
                .'bow {bow} out of line for it, at a radius of {radius}: an engineer says whether there is that room, and '
                .'whether the core bears that bend.',
            [
                'by' => $this->event->by->value, 'bare' => $bare, 'bow' => self::whole($bow->inMillimetres(), 1),
                'radius' => self::whole(self::radius($bare, $bow)->inMillimetres(), -10),
            ],
        );
    }

    /** @param int $step in mm, to which it is rounded up; below zero: down */
    private static function whole(float $millimetres, int $step): Length
    {
        return Length::ofMillimetres((int) ($step > 0 ? ceil($millimetres / $step) * $step : floor($millimetres / -$step) * -$step));
    }

    /** From one oversheath to the other. */
    private function bare(): Length
    {
        $ends = array_map(fn (End $end): Length => $this->plan->build->cut(MarkPlace::of($end, Cut::Oversheath))?->event->reading->value
            ?? $this->plan->markOut?->mark($end, Cut::Oversheath)->at ?? Length::ofNanometres(0), $this->plan->job->function->ends());

        return Length::sum(...$ends);
    }

    /**
     * How far a core bows out that is longer than the straight line between where it is held: as one wave of a cosine, in line at both
     * of its ends. Its length is longer by π²·h²/(4·L) while it is flat. Source: geometry (arc length of a flat curve, second order).
     */
    public static function bow(Length $between, Length $longer): Length
    {
        return Length::ofNanometres((int) round(2 / \M_PI * sqrt($between->nanometres) * sqrt($longer->nanometres)));
    }

    /** The least radius of that curve, at its middle and where it leaves its line. Source: geometry. */
    public static function radius(Length $between, Length $bow): Length
    {
        return Length::ofNanometres((int) round(
            $between->nanometres / (2 * \M_PI ** 2) * ($between->nanometres / max(1, $bow->nanometres)),
        ));
    }
}
