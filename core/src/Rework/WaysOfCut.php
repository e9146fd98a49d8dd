<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Connector\Connector;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Sentence;

/** The ways on from a cut that is out. @internal use WaysOn */
final readonly class WaysOfCut
{
    private function __construct(private Plan $plan, private Mark $mark, private Judgement $judgement)
    {
    }

    /** Why there is nothing to do about it; null: there is. */
    public static function refusal(Plan $plan, MarkPlace $place): ?Sentence
    {
        $mark = $plan->markOut?->mark($place->end, $place->cut, $place->core);
        $judgement = null === $mark ? null : $plan->build->judgementOf($mark);

        return match (true) {
            null === $plan->markOut => $plan->firstObstacle() ?? Sentence::plain('Nothing is marked out on this job.'),
            null === $mark || !$mark->place->equals($place) => Sentence::plain('There is no such cut on this job.'),
            null === $judgement => Sentence::plain('This cut is not made yet: there is nothing to put right.'),
            Verdict::Out !== $judgement->verdict => Sentence::plain('This cut is inside its limits: there is nothing to put right.'),
            null !== $plan->build->acceptance($mark) => Sentence::plain('An engineer has let this cut stand.'),
            null !== $plan->build->connector => Sentence::plain('The connector is on: what it hides can no longer be put right by a cut.'),
            default => null,
        };
    }

    /**
     * @param Plan            $plan       in which the cut is out, and nothing stands against it: see refusal()
     * @param list<Connector> $connectors that could be had
     * @param list<KitAtHand> $kits       of which there is a box
     *
     * @return list<Way>
     */
    public static function on(Plan $plan, MarkPlace $place, array $connectors, array $kits): array
    {
        $mark = $plan->markOut?->mark($place->end, $place->cut, $place->core) ?? throw new \LogicException('its refusal was asked for');
        $judgement = $plan->build->judgementOf($mark) ?? throw new \LogicException('its refusal was asked for');
        $ways = new self($plan, $mark, $judgement);
        $as = Sentence::of('this cut at {value:fine}', ['value' => $judgement->value]);
        $filling = Filling::of($plan, $place, $judgement);
        $other = $judgement->isTooLong() ? OtherSide::way($plan, $mark, $judgement) : null;

        return [
            FirstWays::measureAgain($judgement), FirstWays::letStand($plan, $judgement), ...(null === $filling ? [] : [$filling]),
            ...(null === $other ? [] : [$other]),
            ...($judgement->isTooLong() ? [
                ...$ways->cutBack(), OtherConnectors::among($plan, $connectors, Right::everyCut(), $as),
                OtherKits::among($plan, $kits, Right::noCutTooLong(), $as), ...LastWays::on($plan, $place->end),
            ] : [$ways->cutOn()]),
        ];
    }

    /** What is short is made longer: a strip can be lengthened, never put back. */
    private function cutOn(): Way
    {
        return Way::of(WayKind::CutOn, Sentence::of(
            'Take {by:fine} more off', ['by' => $this->mark->at->minus($this->judgement->value)],
        ), Sentence::of('Mark it anew at {at} from the cable end, cut, and measure again.', ['at' => $this->mark->at]))
            ->comingTo(Comes::to($this->withoutShort(), [], [$this->mark]));
    }

    /** As planned, else as near to it as every rule holds: what stays where it was cut may lie too far out by it. */
    /** @return list<Way> of the end, and of that core alone where it is one of several */
    private function cutBack(): array
    {
        $tooLong = $this->judgement->value->minus($this->mark->at);
        $least = Length::largest(Length::ofNanometres(0), ...array_map(fn (Mark $mark): Length => $this->over($mark), $this->tooLong()));
        $most = Length::largest($this->judgement->value->minus($this->mark->window()->min ?? $this->mark->at), $least);
        $window = Range::between($least, $most);
        $way = $this->cutBackBy($planned = Length::largest($tooLong, $least), $window);
        foreach ($way->isOne() ? [] : self::wholeMillimetres($window) as $amount) {
            $other = $this->cutBackBy($amount, $window);
            if ($other->isOne()) {
                [$way, $planned] = [$other, $amount];
                break;
            }
        }
        $one = OneCore::way($this->plan, $this->mark->place, $planned);

        return [$way, ...(null === $one ? [] : [$one])];
    }

    /** @return list<Length> in a window, the least first */
    private static function wholeMillimetres(Range $window): array
    {
        [$from, $to] = [(int) ceil($window->min?->inMillimetres() ?? 0), (int) floor($window->max?->inMillimetres() ?? 0)];

        return $from > $to ? [] : array_map(Length::ofMillimetres(...), range(max(1, $from), max(1, $to)));
    }

    private function cutBackBy(Length $amount, Range $window): Way
    {
        $end = $this->mark->place->end;
        $all = $this->plan->markOut?->cores() ?? 1;

        return Shortening::ofEnd($this->plan, $end, $amount, $window)->way(
            WayKind::CutBack, Sentence::of("Cut end {$end->value} back by {by:fine}", ['by' => $amount]), Sentence::plain(
                'Saw it off '.(1 === $all ? 'the end of the core' : "all $all cores").', then mark this end out anew.',
            ), Cost::nothing(),
        );
    }

    /** @return non-empty-list<Mark> cuts of the end that are too long: one sawing puts all of them right */
    private function tooLong(): array
    {
        $others = array_filter($this->plan->markOut?->all() ?? [], fn (Mark $mark): bool => $mark->place->end === $this->mark->place->end
            && true === $this->plan->build->judgementOf($mark)?->isTooLong());

        return [$this->mark, ...array_values($others)];
    }

    private function over(Mark $mark): Length
    {
        $judgement = $this->plan->build->judgementOf($mark);

        return null === $judgement || null === $mark->window()->max
            ? Length::ofNanometres(0)
            : $judgement->value->minus($mark->window()->max);
    }

    /** As it is planned with this cut, and whatever else is short by now, still to be made. */
    private function withoutShort(): Plan
    {
        $log = $this->plan->build->counting;
        foreach ($this->plan->markOut?->all() ?? [] as $mark) {
            $judgement = $this->plan->build->judgementOf($mark);
            if (Verdict::Out === $judgement?->verdict && !$judgement->isTooLong()) {
                unset($log[$this->plan->build->cut($mark->place)->entry->id ?? '']);
            }
        }

        return Plan::ofLog($this->plan->job, array_values($log));
    }
}
