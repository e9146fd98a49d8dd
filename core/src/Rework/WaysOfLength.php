<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Cable\End;
use Berm\Core\Connector\Connector;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
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

        return $ways;
    }

    /** @return Way|null null: it would become no better by it, or that cut is not made */
    private function trim(MarkPlace $place, Length $amount): ?Way
    {
        $event = MovedMark::trimming($this->out, $place, $amount, $this->reason());
        $moved = null === $event ? null : MovedMark::of($this->out->plan, $event);
        if (null === $event || null === $moved || !$this->isTowards($moved->aftermath->made())) {
            return null;
        }
        $comes = Comes::of($moved->aftermath);
        $at = $this->out->plan->build->cut($place)?->event->reading->value->plus($amount) ?? $amount;
        $layer = "[{$place->cut->layer()->label()}]";

        return Way::of(
            WayKind::Trim, Sentence::of("Trim the $layer of {$place->where()->label()} by {by:fine}", ['by' => $amount]), Sentence::of(
                'Take so much more of it off: its cut then lies {at:fine} from the cable end. What is laid from it follows.', ['at' => $at],
            ), choice: Choice::writing($event),
        )->ruledOut($moved->refusal())->comingTo($comes)
            ->timed($this->out->plan);
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
