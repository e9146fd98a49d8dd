<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Writer;
use Berm\Core\Cable\End;
use Berm\Core\Connector\Connector;
use Berm\Core\Fit\ConnectorFit;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Sentence;

/** Every way on from a cut that is out that Berm works out: each is planned whole, and judged by the same rules at their worst. */
final readonly class WaysOfCut
{
    /** So many connectors that would suit are planned whole, the nearest first. */
    private const CONNECTORS_PLANNED = 12;

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
     *
     * @return list<Way> those that are one before those that are not, by what they use up
     */
    public static function on(Plan $plan, MarkPlace $place, array $connectors): array
    {
        $mark = $plan->markOut?->mark($place->end, $place->cut, $place->core) ?? throw new \LogicException('its refusal was asked for');
        $judgement = $plan->build->judgementOf($mark) ?? throw new \LogicException('its refusal was asked for');
        $ways = new self($plan, $mark, $judgement);
        $found = [
            $ways->measureAgain(),
            ...($judgement->isTooLong() ? [$ways->letStand(), $ways->cutBack(), $ways->otherConnector($connectors)] : [
                $ways->cutOn(), $ways->letStand(),
            ]),
        ];
        usort($found, static fn (Way $one, Way $other): int => $one->costsMoreThan($other));

        return [...$found, $ways->makeSafe()];
    }

    private function measureAgain(): Way
    {
        $way = Way::of(WayKind::MeasureAgain, Sentence::plain('Measure it again with something finer'), Sentence::of(
            'It is out by {by:fine}, and the instrument tells to ± {within:fine}.',
            ['by' => $this->judgement->margin->absolute(), 'within' => $this->judgement->uncertainty],
        ));

        return $way->ruledOut($this->judgement->isOutWithinUncertainty() ? null : Sentence::of(
            'It is out by {by:fine}, more than the ± {within:fine} of the instrument: another reading will not put it right.',
            ['by' => $this->judgement->margin->absolute(), 'within' => $this->judgement->uncertainty],
        ));
    }

    /** What is short is made longer: a strip can be lengthened, never put back. */
    private function cutOn(): Way
    {
        return Way::of(WayKind::CutOn, Sentence::of(
            'Take {by:fine} more off', ['by' => $this->mark->at->minus($this->judgement->value)],
        ), Sentence::of('Mark it anew at {at} from the cable end, cut, and measure again.', ['at' => $this->mark->at]))
            ->comingTo($this->withoutIt());
    }

    /** Every rule holds with it as it is: the leaflet's own window does not, and that is nobody's to pass over but an engineer's. */
    private function letStand(): Way
    {
        return Way::of(WayKind::LetStand, Sentence::plain('An engineer lets it stand'), Sentence::of(
            'Nothing is cut: it lies {by:fine} outside the window of the sheet.',
            ['by' => $this->judgement->margin->absolute()],
        ), Writer::Engineer)->comingTo($this->plan);
    }

    /** As planned, else as near to it as every rule holds: what stays where it was cut may lie too far out by it. */
    private function cutBack(): Way
    {
        $tooLong = $this->judgement->value->minus($this->mark->at);
        $least = Length::largest(Length::ofNanometres(0), ...array_map(fn (Mark $mark): Length => $this->over($mark), $this->tooLong()));
        $most = Length::largest($this->judgement->value->minus($this->mark->window()->min ?? $this->mark->at), $least);
        $window = Range::between($least, $most);
        $way = $this->cutBackBy(Length::largest($tooLong, $least), $window);
        foreach ($way->isOne() ? [] : self::wholeMillimetres($window) as $amount) {
            $other = $this->cutBackBy($amount, $window);
            if ($other->isOne()) {
                return $other;
            }
        }

        return $way;
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
        $event = new CutBack($end, Reading::typed($amount->toText(), LengthUnit::Millimetre, Instrument::SteelRule), '');
        $sawn = SawnOff::of($this->plan, $event);
        $all = $this->plan->markOut?->cores() ?? 1;
        $from = 1 === $all ? 'the end of the core' : "all $all cores";
        $isUnknown = null === ($this->plan->job->cables[$end->value] ?? null)?->asFound->slack;
        $does = Sentence::of("Saw it off $from, then mark this end out anew.".($isUnknown
            ? ' It needs {needs:fine} of slack: nobody has measured what this end has.' : ''), ['needs' => $amount]);

        return Way::sawing(
            Sentence::of("Cut end {$end->value} back by {by:fine}", ['by' => $amount]), $does,
            new Sawing($amount, $window, $sawn->kept(), $sawn->again()),
        )->ruledOut($sawn->refusal())->ruledOut($this->tooShort($end, $amount))->comingTo($sawn->made());
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

    /** The conductors still have to meet. */
    private function tooShort(End $end, Length $amount): ?Sentence
    {
        $slack = ($this->plan->job->cables[$end->value] ?? null)?->asFound->slack;
        $left = null === $slack ? null : SlackLeft::of($this->plan, $end, $slack);

        return null !== $left && $left->isLessThan($amount) ? Sentence::of(
            "It needs {needs:fine} of slack; {left:fine} is left at end {$end->value}.",
            ['needs' => $amount, 'left' => Length::largest($left, Length::ofNanometres(0))],
        ) : null;
    }

    /** @param list<Connector> $connectors */
    private function otherConnector(array $connectors): Way
    {
        $way = Way::of(WayKind::OtherConnector, Sentence::plain('Take another connector'), Sentence::plain(
            'One whose strip is as long as this cut was made.',
        ));
        $tried = 0;
        foreach ($connectors as $connector) {
            $suits = !$connector->revision->equals($this->plan->job->connector->revision ?? $connector->revision) && ConnectorFit::judge(
                $this->plan->job->function, array_values($this->plan->job->cables), $connector, $this->plan->sheet, $this->plan->job->size,
            )->outcome()->lets();
            if ($suits && $tried < self::CONNECTORS_PLANNED) {
                ++$tried;
                $plan = Plan::ofLog($this->plan->job->withConnector($connector), array_values($this->plan->build->counting));
                if ($this->isRightBy($plan)) {
                    return Way::taking($connector, Sentence::plain(
                        'This cut is right for it as it was made. The plan changes with it; what was measured stays.',
                    ))->comingTo($plan);
                }
            }
        }

        return $way->ruledOut(0 === $tried
            ? Sentence::plain('No other connector that Berm knows of goes on these conductors and in this kit.')
            : Sentence::of(
                'Of {tried} that go on these conductors and in this kit, none is right with this cut at {value:fine}.',
                ['tried' => $tried, 'value' => $this->judgement->value],
            ));
    }

    /** All that was cut is inside by it. */
    private function isRightBy(Plan $plan): bool
    {
        foreach ($plan->markOut?->all() ?? [] as $mark) {
            if (Verdict::Out === $plan->build->judgementOf($mark)?->verdict && null === $plan->build->acceptance($mark)) {
                return false;
            }
        }

        return null !== $plan->markOut && null === Thinnest::broken($plan);
    }

    private function makeSafe(): Way
    {
        return Way::of(WayKind::MakeSafe, Sentence::plain('Leave it safe, and ask'), Sentence::plain(
            'Cap and cover what is bare, say in the record that it is left, and call an engineer. There is always this way.',
        ));
    }

    /** As it is planned with this cut still to be made. */
    private function withoutIt(): Plan
    {
        $cut = $this->plan->build->cut($this->mark->place)?->entry->id;
        $log = $this->plan->build->counting;
        unset($log[$cut ?? '']);

        return Plan::ofLog($this->plan->job, array_values($log));
    }
}
