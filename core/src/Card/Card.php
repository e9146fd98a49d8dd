<?php

declare(strict_types=1);

namespace Berm\Core\Card;

use Berm\Core\Build\Task;
use Berm\Core\Build\TaskKind;
use Berm\Core\Build\WorkKind;
use Berm\Core\Cable\End;
use Berm\Core\Guide\WorkGuide;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Nature;
use Berm\Core\MarkOut\Datum;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\SeenMark;
use Berm\Core\Parking\ParkingSide;
use Berm\Core\Rework\Thinnest;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Ruling;

/** All that somebody needs at one end with nothing but paper: marks in the order of cutting, what waits there, what lies where. */
final readonly class Card
{
    private const LIVE = 'Live cables kill: identified, isolated, proved dead and earthed, by the local permit.';

    private function __construct(
        private Plan $plan, public End $end,
        /** What the marks are measured from. */
        public Datum $from,
    ) {
    }

    /** @param Datum $from where the job's marks cannot be measured from it: the end of the cut conductor */
    public static function of(Plan $plan, End $end, Datum $from = Datum::CableEnd): self
    {
        return new self($plan, $end, \in_array($from, $plan->markOut?->datums() ?? [], true) ? $from : Datum::CableEnd);
    }

    /** Why nobody cuts by it; null: nothing stands in the way. */
    public function stop(): ?Sentence
    {
        return null === $this->plan->markOut
            ? $this->plan->firstObstacle() ?? $this->plan->problem ?? Sentence::plain('Nothing is marked out on this job.')
            : $this->plan->firstObstacle() ?? Thinnest::tooFar($this->plan);
    }

    /** @return list<CardMark> in the order of cutting; those of several cores once, where they are the same */
    public function marks(): array
    {
        $marks = [];
        foreach ($this->plan->markOut?->all() ?? [] as $mark) {
            if ($mark->place->end === $this->end) {
                $seen = $this->seen($mark);
                $marks[serialize([$mark->place->cut->value, $seen->at->nanometres, $mark->at->nanometres])][] = [$mark, $seen];
            }
        }

        return array_map(static fn (array $alike): CardMark => new CardMark(
            $alike[0][0], $alike[0][1], implode(', ', array_filter(
                array_map(static fn (array $one): ?int => $one[0]->place->core, $alike), static fn (?int $core): bool => null !== $core,
            )),
        ), array_values($marks));
    }

    private function seen(Mark $mark): SeenMark
    {
        $markOut = $this->plan->markOut ?? throw new \LogicException('it has marks');
        foreach (SeenMark::fromEach($markOut, $this->plan->build, $mark) as $seen) {
            if ($seen->datum === $this->from) {
                return $seen;
            }
        }
        throw new \LogicException('the marks can be measured from there');
    }

    /** @return list<ParkingSide> what is slid on before anything is joined, in this order */
    public function parked(): array
    {
        return array_values(array_filter(
            $this->plan->parking->sides ?? [], fn (ParkingSide $side): bool => $side->end === $this->end && [] !== $side->items,
        ));
    }

    /** The connector with its bolts or crimps in their order; null: none is chosen. */
    public function joining(): ?Sentence
    {
        $connector = $this->plan->job->connector;

        return null === $connector ? null : Sentence::of('{name}, {maker}. {method}', [
            'name' => $connector->name, 'maker' => $connector->maker, 'method' => Sentence::plain($connector->method),
        ]);
    }

    /** @return list<CardPart> what comes to lie there, in the order in which it is set; of several cores as on the first */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->plan->progress?->tasks() ?? [] as $task) {
            $item = $this->setHere($task);
            $lies = null === $item || null === $task->work ? [] : WorkGuide::inShort($this->plan, $task->work);
            $parts = null === $item || [] === $lies ? $parts : [...$parts, $item->key => new CardPart($item->name, $lies)];
        }

        return array_values($parts);
    }

    private function setHere(Task $task): ?Item
    {
        $isHere = WorkKind::Set === $task->work?->how && \in_array($task->where->end, [null, $this->end], true)
            && \in_array($task->where->core, [null, 1], true);

        return $isHere && Nature::Zone !== $task->item?->nature ? $task->item : null;
    }

    /** @return list<CardStep> what there is no way back from, and what is looked at, or measured, just before it */
    public function oneWay(): array
    {
        $steps = [];
        $looks = [];
        foreach ($this->plan->progress->stages ?? [] as $stage) {
            $before = $stage->stage->isOneWay ? [...$looks, ...self::looks(self::upToHiding($stage->tasks))] : [];
            $steps = $stage->stage->isOneWay ? [...$steps, new CardStep(Sentence::plain($stage->stage->title), self::once($before))]
                : $steps;
            $looks = self::looks($stage->tasks);
        }

        return $steps;
    }

    /**
     * @param list<Task> $tasks
     *
     * @return list<Task> those before something is set, or the connector goes on
     */
    private static function upToHiding(array $tasks): array
    {
        foreach ($tasks as $i => $task) {
            if (TaskKind::Connector === $task->kind || WorkKind::Set === $task->work?->how) {
                return \array_slice($tasks, 0, $i);
            }
        }

        return $tasks;
    }

    /**
     * @param list<Task> $tasks
     *
     * @return list<Sentence>
     */
    private static function looks(array $tasks): array
    {
        $looks = [];
        foreach ($tasks as $task) {
            $ask = null === $task->check ? null : Sentence::plain($task->check->ask);
            $look = null === $ask || null === $task->limits ? $ask : Sentence::of('{ask}: {limits}', [
                'ask' => $ask, 'limits' => $task->limits,
            ]);
            $looks = null === $look ? $looks : [...$looks, $look];
        }

        return $looks;
    }

    /**
     * @param list<Sentence> $sentences
     *
     * @return list<Sentence> each of them once
     */
    private static function once(array $sentences): array
    {
        $once = [];
        foreach ($sentences as $sentence) {
            $once[serialize($sentence)] ??= $sentence;
        }

        return array_values($once);
    }

    /** The rule that holds by least, at its worst; null where there is none. */
    public function thinnest(): ?Ruling
    {
        return Thinnest::of($this->plan);
    }

    /** @return list<string> where people or the cable can be hurt, as the sheet has it; what kills is said whatever it has */
    public function cautions(): array
    {
        $cautions = [self::LIVE];
        foreach ($this->plan->progress->stages ?? [] as $stage) {
            $cautions = [...$cautions, ...$stage->stage->cautions];
        }

        $saysItself = [] !== array_filter(\array_slice($cautions, 1), static fn (string $one): bool => str_starts_with($one, 'Live'));

        return array_values(array_unique($saysItself ? \array_slice($cautions, 1) : $cautions));
    }
}
