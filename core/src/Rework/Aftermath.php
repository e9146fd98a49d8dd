<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\CutOut;
use Berm\Core\Build\Event\MarkMoved;
use Berm\Core\Build\Shortens;
use Berm\Core\Build\Task;
use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Sentence;

/**
 * An end that is shortened, or a mark that is moved, before and after: which cuts hold, which are made further back, what of the rest is no
 * longer true. All follows from the same plan made once more. Source: geometry; common practice for what is done anew.
 */
final readonly class Aftermath
{
    private function __construct(private Plan $before, public Marked $after, private CutBack|CutOut|MarkMoved $event)
    {
    }

    public static function of(Plan $plan, CutBack|CutOut|MarkMoved $event): self
    {
        $log = array_values(array_filter($plan->build->counting, static fn (Entry $one): bool => !Untrue::endsMove($event, $one->event)));
        $last = $log[\count($log) - 1] ?? null;

        // Where nothing was done, nothing lies elsewhere by it.
        return new self($plan, Marked::of($plan->job, null === $last ? [] : [...$log, self::entry($plan, $event, $last, [])]), $event);
    }

    /** @param list<string> $falls */
    private static function entry(Plan $plan, CutBack|CutOut|MarkMoved $event, Entry $last, array $falls): Entry
    {
        return Entry::of('done-since', '', $last->at, $event, null, Basis::of($plan->job->pins(), falls: $falls));
    }

    /** Why it cannot be written down; null: it can. */
    public function refusal(): ?Sentence
    {
        $isThere = !$this->event instanceof CutBack || isset($this->before->job->cables[$this->event->end->value]);
        $absurd = $this->absurd();
        // What an end is shortened under comes off with it; to trim a cut, it has to be bare.
        $set = null === $absurd && null !== $this->before->markOut && $this->event instanceof MarkMoved
            ? $this->comesOff()[0] ?? null : null;

        return match (true) {
            !$isThere, null === $this->before->markOut => $this->before->firstObstacle()
                ?? Sentence::plain('There is no such end on this job.'),
            null !== $absurd => Sentence::of('{typed} sawn off is not of this trade: check the unit.', ['typed' => $absurd->asTyped()]),
            null !== $set => Sentence::of(
                '{part} is set there and would be in the way, or lie off its place: take it off first.', ['part' => $set->name],
            ),
            default => null,
        };
    }

    private function absurd(): ?Reading
    {
        foreach (End::cases() as $end) {
            $by = $this->event instanceof Shortens ? $this->event->sawnOff($end) : null;
            if (null !== $by && !Range::between(Length::ofMillimetres(1), Length::ofMillimetres(5000))->contains($by->value)) {
                return $by;
            }
        }

        return null;
    }

    /** @return list<Mark> cuts that were made and hold, each with the mark as it is planned */
    public function kept(): array
    {
        return array_values(array_filter($this->marks(), fn (Mark $mark): bool => !$this->isMadeAgain($mark)));
    }

    /** @return list<Mark> cuts that were made and are to be made again, further back */
    public function again(): array
    {
        return array_values(array_filter($this->marks(), $this->isMadeAgain(...)));
    }

    /**
     * As it is planned to be in the end: what is made again lies as exactly as its hand lays it, and no better.
     *
     * @param bool $isFromAnotherBox what is lost is replaced from another kit
     */
    public function made(bool $isFromAnotherBox = false): Plan
    {
        $falls = $this->falls();
        $gone = $isFromAnotherBox ? array_flip($falls) : [];
        $again = $this->pathsAgain();
        $log = array_values(array_filter($this->after->build->counting, fn (Entry $entry): bool => $entry->event !== $this->event
            && !isset($gone[$entry->id])
            && !($entry->event instanceof CutMeasured && \in_array($entry->event->place->path(), $again, true))));
        $last = $log[\count($log) - 1] ?? null;

        return Plan::ofLog($this->before->job, null === $last ? [] : [
            ...$log, self::entry($this->before, $this->event, $last, $isFromAnotherBox ? [] : $falls),
        ]);
    }

    /** @return list<string> ids of the entries that do not hold any more */
    public function falls(): array
    {
        return Untrue::by($this->event, $this->before, Displaced::of($this->before, $this->after, $this->event), $this->tasksAgain());
    }

    /** @return list<Task> */
    private function tasksAgain(): array
    {
        $again = $this->pathsAgain();

        return array_values(array_filter(
            $this->before->progress?->tasks() ?? [],
            static fn (Task $task): bool => null !== $task->mark && \in_array($task->mark->place->path(), $again, true),
        ));
    }

    /** @return list<Item> what is set and would be in the way, or lie off its place */
    public function comesOff(): array
    {
        return Displaced::of($this->before, $this->after, $this->event)->items(Untrue::after($this->before, $this->tasksAgain()));
    }

    /** @return list<list<int|string>> */
    private function pathsAgain(): array
    {
        return array_map(static fn (Mark $mark): array => $mark->place->path(), $this->again());
    }

    /** @return list<Mark> of what was cut at the ends in question, as they are marked out then */
    private function marks(): array
    {
        return array_values(array_filter(
            $this->after->markOut?->all() ?? [],
            fn (Mark $mark): bool => self::isAt($this->event, $mark->place->end) && null !== $this->before->build->cut($mark->place),
        ));
    }

    private static function isAt(CutBack|CutOut|MarkMoved $event, End $end): bool
    {
        return $event instanceof MarkMoved ? $event->place->end === $end : null !== $event->sawnOff($end);
    }

    private function isMadeAgain(Mark $mark): bool
    {
        $judgement = $this->after->build->judgementOf($mark);

        return null === $judgement || Verdict::Out === $judgement->verdict && !$judgement->isTooLong();
    }
}
