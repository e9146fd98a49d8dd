<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Writer;
use Berm\Core\Cable\End;
use Berm\Core\Job\Assembled;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** The ways that are there whatever is out: the connector is cut out, an end is made new, a piece goes in, it is left safe. */
final readonly class LastWays
{
    private function __construct(private Plan $plan)
    {
    }

    /** @return list<Way> @param End|null $end where something is out; null: between the two */
    public static function on(Plan $plan, ?End $end): array
    {
        $ways = new self($plan);
        $isOn = null !== $plan->build->connector;
        $isJoint = AccessoryFunction::Joint === $plan->job->function;
        $ends = null !== $end ? [$end] : $plan->job->function->ends();

        return [
            ...($isOn ? [$ways->cutOut(), $ways->startOver()] : array_map($ways->makeNew(...), $ends)),
            ...($isJoint ? [$ways->putIn()] : []),
        ];
    }

    public static function makeSafe(): Way
    {
        return Way::of(WayKind::MakeSafe, Sentence::plain('Leave it safe, and ask'), Sentence::plain(
            'Cap and cover what is bare, say in the record that it is left, and call an engineer. There is always this way.',
        ));
    }

    /** No more than the conductor that the connector holds. */
    private function cutOut(): Way
    {
        $name = $this->plan->job->function->connectorKind()->label();

        return $this->cuttingOut(
            WayKind::CutOut, Sentence::plain("Cut the $name out"), $this->held(),
            Sentence::plain("Saw through where the $name ends. What lies over it is lost; mark out anew, and take another $name."),
        );
    }

    private function startOver(): Way
    {
        return $this->cuttingOut(
            WayKind::StartOver, Sentence::plain('Start over'), $this->bared(),
            Sentence::plain('Saw off all that was laid bare, and begin again on sound cable with another kit.'),
        );
    }

    /** @param array<string, Length> $off by End value */
    private function cuttingOut(WayKind $kind, Sentence $title, array $off, Sentence $does): Way
    {
        if (!isset($off[End::A->value])) {
            return Way::of($kind, $title, $does)->ruledOut($this->plan->firstObstacle() ?? Sentence::plain('It is not worked out.'));
        }

        $isOver = WayKind::StartOver === $kind;

        return Shortening::ofConnector($this->plan, $off)->way($kind, $title, $does, Cost::connector(), $isOver);
    }

    /** All that was laid bare goes: nothing of it has to be right. */
    private function makeNew(End $end): Way
    {
        $off = $this->bared()[$end->value] ?? null;
        $title = Sentence::plain("Make end {$end->value} new");
        $does = Sentence::plain('Saw off all that was laid bare, and begin this end again on sound cable.');
        if (null === $off) {
            return Way::of(WayKind::StartOver, $title, $does)->ruledOut(Sentence::plain('Nothing is cut there yet.'));
        }

        return Shortening::ofEnd($this->plan, $end, $off)->way(WayKind::StartOver, $title, $does, Cost::nothing());
    }

    /**
     * Two joints where one was planned. Its least length: what both of its ends lay bare, and room between them for the longer of the two
     * rows of parts that wait there. Source: geometry.
     */
    private function putIn(): Way
    {
        $bare = Length::sum(...array_map(fn (End $end): Length => $this->plan->markOut?->mark($end, Cut::Oversheath)->at
            ?? Length::ofNanometres(0), $this->plan->job->function->ends()));
        $rows = array_map(static fn ($side): Length => $side->needed, $this->plan->parking->sides ?? []);
        $least = $bare->plus([] === $rows ? Length::ofNanometres(0) : Length::largest(...$rows));
        $rounded = Length::ofMillimetres((int) (ceil($least->inMillimetres() / 10) * 10));

        return Way::of(
            WayKind::PutIn, Sentence::plain('Put in a piece, with two joints'), Sentence::of(
                'A piece of the same cable, {least} long at least: each of its ends is planned as this joint is, one after the other.',
                ['least' => $rounded],
            ), Cost::kits(null === $this->plan->build->connector ? 1 : 2, null === $this->plan->build->connector ? 1 : 2), null,
            Writer::Engineer,
        );
    }

    /** @return array<string, Length> by End value, what of each conductor lies in the connector */
    private function held(): array
    {
        $places = Assembled::of($this->plan->job)->measuring($this->plan->build)?->places(1);
        $off = [];
        foreach ($this->plan->job->function->ends() as $end) {
            $mouth = $places?->mouth($end)->mostLength()->inMillimetres() ?? 0;
            $off[$end->value] = Length::ofMillimetres((int) ceil($mouth));
        }

        return $off;
    }

    /** @return array<string, Length> by End value, as far as the cut that lies farthest */
    private function bared(): array
    {
        $off = [];
        foreach ($this->plan->markOut?->all() ?? [] as $mark) {
            $at = $this->plan->build->cut($mark->place)?->event->reading->value;
            $end = $mark->place->end->value;
            $far = null === $at ? null : Length::ofMillimetres((int) ceil($at->inMillimetres()));
            $off = null === $far ? $off : [...$off, $end => Length::largest($far, $off[$end] ?? $far)];
        }

        return $off;
    }
}
