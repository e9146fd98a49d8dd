<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Event\MarkMoved;
use Berm\Core\Cable\End;
use Berm\Core\Connector\Connector;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Saying\Sentence;

/** The ways on from a length that was measured between two places and is out. @internal use WaysOn */
final readonly class WaysOfLength
{
    private function __construct(private OutLength $out)
    {
    }

    /**
     * @param list<Connector> $connectors
     *
     * @return list<Way>
     */
    public static function on(OutLength $out, array $connectors): array
    {
        $ways = new self($out);
        $filling = Filling::ofGap($out);
        $ends = $out->ends();

        return [
            null === $out->contradiction() ? FirstWays::measureAgain($out->judgement) : $ways->lookAgain($out->contradiction()),
            FirstWays::letStand($out->plan, $out->judgement)->ruledOut($out->breaksRule()),
            ...(null === $filling ? [] : [$filling->ruledOut($out->breaksRule())]),
            ...WaysOfPart::on($out), ...(null === $out->plan->build->connector ? $ways->beforeConnector($connectors) : []),
            ...LastWays::on($out->plan, 1 === \count($ends) ? $ends[0] : null),
        ];
    }

    /**
     * @param list<Connector> $connectors
     *
     * @return list<Way>
     */
    private function beforeConnector(array $connectors): array
    {
        $isBare = $this->isBetweenCuts();
        $plan = $this->out->plan;
        // What nothing binds is asked for as the plan has it: against the cuts no other cut puts it right.
        $isBound = $isBare && ($this->out->isBound() || null === $this->out->contradiction());
        $trims = $isBound ? $this->trims() : [];
        $backs = array_map($this->cutBack(...), $isBound ? $this->out->ends() : []);

        return [
            ...$trims, ...array_values(array_filter($backs, static fn (?Way $way): bool => null !== $way)),
            ...($isBare && null === $this->out->contradiction() ? [OtherConnectors::among(
                $plan, $connectors, Right::thatLength($this->out),
                Sentence::of('this length at {value:fine}', ['value' => $this->out->reading->value]),
            )] : []),
        ];
    }

    /** What was cut says otherwise. Before the connector is on, most often a conductor is not home, or slid. */
    private function lookAgain(Sentence $contradiction): Way
    {
        $isLoose = null === $this->out->plan->build->connector && $this->isBetweenCuts();
        $mend = $this->out->task->check->mend ?? '';

        return Way::of($isLoose ? WayKind::Mend : WayKind::MeasureAgain, Sentence::plain(
            $isLoose ? 'See that each conductor is home, and measure again' : 'Measure again, and what was measured before',
        ), $isLoose && '' !== $mend ? Sentence::of('{why} The sheet: {mend}', ['why' => $contradiction, 'mend' => Sentence::plain($mend)])
            : $contradiction);
    }

    /** From a cut or the connector to a cut: no item is at either end of it. */
    private function isBetweenCuts(): bool
    {
        $measure = $this->out->measure();
        $edges = $this->out->plan->sheet?->edges() ?? [];

        return null !== $measure && !isset($edges[$measure->from->name() ?? '']) && !isset($edges[$measure->to->name() ?? '']);
    }

    /** @return list<Way> each side by itself, by its name */
    private function trims(): array
    {
        $cuts = $this->out->cuts();
        $amount = $this->out->needs()->absolute();
        $ways = [];
        foreach ($cuts as $place) {
            $way = $this->trim($place, $amount);
            $ways = null === $way ? $ways : [...$ways, $way];
        }

        $both = [] === array_filter($ways, static fn (Way $way): bool => $way->isOne()) ? $this->trimBoth($cuts, $amount) : null;

        return null === $both ? $ways : [...$ways, $both];
    }

    /**
     * Where neither side can give all of it: so much of each that they end as alike as that makes them.
     *
     * @param list<MarkPlace> $cuts
     *
     * @return Way|null null: it is not the same cut of two ends, or one of them would have to grow
     */
    private function trimBoth(array $cuts, Length $amount): ?Way
    {
        [$first, $second] = [$cuts[0] ?? null, $cuts[1] ?? null];
        $at = fn (?MarkPlace $place): ?Length => null === $place ? null : $this->out->plan->build->cut($place)?->event->reading->value;
        [$here, $there] = [$at($first), $at($second)];
        if (null === $first || null === $second || null === $here || null === $there || !$second->equals($first->onOtherEnd())) {
            return null;
        }
        $off = $amount->plus($there)->minus($here)->dividedBy(2, Rounding::Nearest);
        $rest = $amount->minus($off);
        $event = MovedMark::trimmingBoth($this->out, $first, $off, $rest, $this->reason());

        return null === $event || !Length::ofNanometres(0)->isLessThan($off) || !Length::ofNanometres(0)->isLessThan($rest) ? null
            : $this->trimming($event, Sentence::of(
                "Trim the [{$first->cut->layer()->label()}] by {off:fine} on {$first->where()->label()} and by {rest:fine} on "
                    .$second->where()->label(), ['off' => $off, 'rest' => $rest],
            ), Sentence::of(
                'Neither end can give all of it. The cuts then lie {here:fine} and {there:fine} from their cable ends; what is laid from '
                    .'them follows.', ['here' => $here->plus($off), 'there' => $there->plus($rest)],
            ));
    }

    /** @return Way|null null: it would become no better by it, or that cut is not made */
    private function trim(MarkPlace $place, Length $amount): ?Way
    {
        $event = MovedMark::trimming($this->out, $place, $amount, $this->reason());
        $at = $this->out->plan->build->cut($place)?->event->reading->value->plus($amount) ?? $amount;
        $layer = "[{$place->cut->layer()->label()}]";

        return null === $event ? null : $this->trimming(
            $event, Sentence::of("Trim the $layer of {$place->where()->label()} by {by:fine}", ['by' => $amount]), Sentence::of(
                'Take so much more of it off: its cut then lies {at:fine} from the cable end. What is laid from it follows.', ['at' => $at],
            ),
        );
    }

    /** @return Way|null null: it would become no better by it */
    private function trimming(MarkMoved $event, Sentence $title, Sentence $does): ?Way
    {
        $moved = MovedMark::of($this->out->plan, $event);

        return !$this->isTowards($moved->aftermath->made()) ? null : Way::of(
            WayKind::Trim, $title, $does, choice: Choice::writing($event),
        )->ruledOut($moved->refusal())->comingTo(static fn (): Comes => Comes::of($moved->aftermath))->timed($this->out->plan);
    }

    private function isTowards(Plan $made): bool
    {
        $by = $this->out->by($made)?->minus($this->out->reading->value);

        return null !== $by && !$by->equals(Length::ofNanometres(0)) && $by->isNegative() === $this->out->needs()->isNegative();
    }

    /** @return Way|null null: it would become no better by it */
    private function cutBack(End $end): ?Way
    {
        $plan = $this->out->plan;
        $amount = $this->out->needs()->absolute();
        $shortening = Shortening::ofEnd($plan, $end, $amount);
        $made = $shortening->aftermath->made();
        if (!$this->isTowards($made)) {
            return null;
        }
        $is = $this->out->by($made) ?? $amount;
        $all = $plan->markOut?->cores() ?? 1;
        $from = 1 === $all ? 'the end of the core' : "all $all cores";

        return $shortening->way(
            WayKind::CutBack, Sentence::of("Cut end {$end->value} back by {by:fine}", ['by' => $amount]), Sentence::of(
                "Saw it off $from, then mark this end out anew; that length comes to {is:fine}.", ['is' => $is],
            ), Cost::nothing(),
        )->ruledOut($this->out->comesRight($made) ? null : Sentence::of(
            'It would not put that length right: it comes to {is:fine}.', ['is' => $is],
        ));
    }

    private function reason(): string
    {
        return mb_substr("{$this->out->task->check?->ask}: {$this->out->reading->asTyped()}", 0, 400);
    }
}
