<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\CoreCutBack;
use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\MarkMoved;
use Berm\Core\Build\Shortens;
use Berm\Core\Build\Task;
use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkPlace;
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
    /** @param list<Mark> $made of what was cut at the ends in question, as they are marked out once all of it is right again */
    private function __construct(
        private Plan $before, public Marked $after, private Shortens|MarkMoved $event, private array $made,
        /** @var list<list<int|string>> of those that are made again */ private array $pathsAgain,
    ) {
    }

    public static function of(Plan $plan, Shortens|MarkMoved $event): self
    {
        $log = array_values(array_filter($plan->build->counting, static fn (Entry $one): bool => !Untrue::endsMove($event, $one->event)));
        $last = $log[\count($log) - 1] ?? null;

        // Where nothing was done, nothing lies elsewhere by it.
        $log = null === $last ? [] : [...$log, self::entry($plan, $event, $last, [])];
        $after = Marked::of($plan->job, $log);
        [$marked, $again] = [$after, []];
        // What is laid from a cut that is made again is judged from where that will lie.
        do {
            $known = $again;
            $marks = array_values(array_filter($marked->markOut?->all() ?? [], static fn (Mark $mark): bool => null
                !== $plan->build->cut($mark->place) && self::isAt($event, $mark->place)));
            $again = self::madeAgain($marks, $marked, $event, $known);
            $marked = $again === $known ? $marked : Marked::of($plan->job, self::without($log, $again));
        } while ($again !== $known);

        return new self($plan, $after, $event, $marks, $again);
    }

    /**
     * @param list<Mark>             $marks
     * @param list<list<int|string>> $known paths of those that are made again in any case
     *
     * @return list<list<int|string>>
     */
    private static function madeAgain(array $marks, Marked $marked, Shortens|MarkMoved $event, array $known): array
    {
        $again = [];
        foreach ($marks as $mark) {
            $judgement = $marked->build->judgementOf($mark);
            $isMoved = $event instanceof MarkMoved && null !== $event->moves($mark->place);
            $isShort = null === $judgement || Verdict::Out === $judgement->verdict && !$judgement->isTooLong();
            $again = $isMoved || $isShort || \in_array($mark->place->path(), $known, true) ? [...$again, $mark->place->path()] : $again;
        }

        return $again;
    }

    /**
     * @param list<Entry>            $log
     * @param list<list<int|string>> $paths of cuts
     *
     * @return list<Entry> but for what was read of those
     */
    private static function without(array $log, array $paths): array
    {
        return array_values(array_filter($log, static fn (Entry $entry): bool => !$entry->event instanceof CutMeasured
            || !\in_array($entry->event->place->path(), $paths, true)));
    }

    /** @param list<string> $falls */
    private static function entry(Plan $plan, Shortens|MarkMoved $event, Entry $last, array $falls): Entry
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
        $core = $this->event instanceof CoreCutBack ? $this->event->core : null;
        foreach (End::cases() as $end) {
            $by = $this->event instanceof Shortens ? $this->event->sawnOff($end, $core) : null;
            if (null !== $by && !Range::between(Length::ofMillimetres(1), Length::ofMillimetres(5000))->contains($by->value)) {
                return $by;
            }
        }

        return null;
    }

    /** @return list<Mark> cuts that were made and hold, each with the mark as it is planned */
    public function kept(): array
    {
        return array_values(array_filter($this->made, fn (Mark $mark): bool => !$this->isMadeAgain($mark)));
    }

    /** @return list<Mark> cuts that were made and are to be made again, further back */
    public function again(): array
    {
        return array_values(array_filter($this->made, $this->isMadeAgain(...)));
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
        $log = self::without(array_values(array_filter($this->after->build->counting, fn (Entry $entry): bool => $entry->event
            !== $this->event && !isset($gone[$entry->id]))), $this->pathsAgain);
        $last = $log[\count($log) - 1] ?? null;

        return Plan::ofLog($this->before->job, null === $last ? [] : [
            ...$log, self::entry($this->before, $this->event, $last, $isFromAnotherBox ? [] : $falls),
        ]);
    }

    /** @return list<string> ids of the entries that do not hold any more */
    public function falls(): array
    {
        $untrue = Untrue::by($this->event, $this->before, Displaced::of($this->before, $this->after, $this->event), $this->tasksAgain());

        return [...$untrue, ...$this->unread()];
    }

    /**
     * A mark that was moved by less than its tolerance: the cut would seem right as it was read before, and never be asked for.
     *
     * @return list<string> ids of their readings
     */
    private function unread(): array
    {
        $ids = [];
        foreach ($this->event instanceof MarkMoved ? $this->made : [] as $mark) {
            $isInside = Verdict::Out !== $this->after->build->judgementOf($mark)?->verdict;
            $id = $isInside && $this->isMoved($mark) ? $this->before->build->cut($mark->place)?->entry->id : null;
            $ids = null === $id ? $ids : [...$ids, $id];
        }

        return $ids;
    }

    private function isMoved(Mark $mark): bool
    {
        return $this->event instanceof MarkMoved && null !== $this->event->moves($mark->place);
    }

    /** @return list<Task> */
    private function tasksAgain(): array
    {
        return array_values(array_filter(
            $this->before->progress?->tasks() ?? [],
            fn (Task $task): bool => null !== $task->mark && $this->isMadeAgain($task->mark),
        ));
    }

    /** @return list<Item> what is set and would be in the way, or lie off its place */
    public function comesOff(): array
    {
        return Displaced::of($this->before, $this->after, $this->event)->items(Untrue::after($this->before, $this->tasksAgain()));
    }

    private static function isAt(Shortens|MarkMoved $event, MarkPlace $place): bool
    {
        return $event instanceof MarkMoved ? $event->isOn($place->end) : null !== $event->sawnOff($place->end, $place->core);
    }

    private function isMadeAgain(Mark $mark): bool
    {
        return \in_array($mark->place->path(), $this->pathsAgain, true);
    }
}
