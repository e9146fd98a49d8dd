<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\StageFinished;
use Berm\Core\Build\Task;
use Berm\Core\Build\WorkKind;
use Berm\Core\Cable\End;
use Berm\Core\CoreError;
use Berm\Core\Formula\Formula;
use Berm\Core\Job\Assembled;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Nature;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Places;

/**
 * An end that something is sawn off, before and after: which cuts hold, which are made further back, what of the rest is no longer true.
 * All follows from the same plan made once more with the shorter end. Source: geometry; common practice for what is done anew.
 */
final readonly class SawnOff
{
    private function __construct(private Plan $before, public Plan $after, private CutBack $event)
    {
    }

    public static function of(Plan $plan, CutBack $event): self
    {
        $log = array_values($plan->build->counting);
        $last = $log[\count($log) - 1] ?? null;
        // Where nothing was done, nothing lies elsewhere by it.
        $after = null === $last ? $plan : Plan::ofLog($plan->job, [
            ...$log, Entry::of('sawn-off', '', $last->at, $event, null, Basis::of($plan->job->pins())),
        ]);

        return new self($plan, $after, $event);
    }

    /** Why it cannot be written down; null: it can. */
    public function refusal(): ?Sentence
    {
        $isPlausible = Range::between(Length::ofMillimetres(1), Length::ofMillimetres(5000))->contains($this->event->by->value);
        $displaced = $isPlausible && null !== $this->before->markOut ? $this->displaced() : null;

        return match (true) {
            !isset($this->before->job->cables[$this->event->end->value]), null === $this->before->markOut => $this->before->firstObstacle()
                ?? Sentence::plain('There is no such end on this job.'),
            !$isPlausible => Sentence::of(
                '{typed} sawn off is not of this trade: check the unit.', ['typed' => $this->event->by->asTyped()],
            ),
            null !== $displaced => Sentence::of(
                "{part} is set at end {$this->event->end->value} and would be in the way, or lie off its place: take it off first.",
                ['part' => Sentence::plain($displaced->name)],
            ),
            default => null,
        };
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

    /** As it is planned to be in the end: what is made again lies as exactly as its hand lays it, and no better. */
    public function made(): Plan
    {
        $again = array_map(static fn (Mark $mark): array => $mark->place->path(), $this->again());
        $falls = array_flip($this->falls());
        $log = array_filter($this->after->build->counting, static fn (Entry $entry): bool => !isset($falls[$entry->id])
            && !($entry->event instanceof CutMeasured && \in_array($entry->event->place->path(), $again, true)));

        return Plan::ofLog($this->before->job, array_values($log));
    }

    /** @return list<string> ids of the entries that do not hold any more */
    public function falls(): array
    {
        $tasks = $this->tasksAfter();
        $stages = array_map(static fn (Task $task): string => $task->stage->key, $this->tasksAgain());

        return array_keys(array_filter($this->before->build->counting, fn (Entry $entry): bool => $this->isUntrue(
            $entry->event, $tasks, $stages,
        )));
    }

    /**
     * @param list<Task>   $tasks  that come after a cut that is made again
     * @param list<string> $stages of those cuts
     */
    private function isUntrue(Event $event, array $tasks, array $stages): bool
    {
        $task = match (true) {
            $event instanceof CheckMade => $this->before->progress?->task($event->place),
            $event instanceof Applied => $this->before->progress?->work($event->place),
            default => null,
        };

        return match (true) {
            $event instanceof StageFinished => \in_array($event->stage, $stages, true),
            $event instanceof Applied && $this->isDisplaced($event) => true,
            null === $task => false,
            default => \in_array($task, $tasks, true) || self::isMeasuredFrom($this->event->end, $event, $this->before),
        };
    }

    /** A length between the two ends, or from where the conductor of this one ends. */
    public static function isMeasuredFrom(End $end, Event $event, Plan $plan): bool
    {
        $task = $event instanceof CheckMade ? $plan->progress?->task($event->place) : null;
        $measure = $task?->check?->measure();
        $isHere = null !== $task && (null === $task->where->end || $task->where->end === $end);
        $isOfEnd = static fn (Formula $place): bool => null === Cut::ofFormulaName($place->name() ?? '')
            && !isset($plan->sheet?->edges()[$place->name() ?? '']);

        return null !== $measure && ($measure->isAcross || $isHere && ($isOfEnd($measure->from) || $isOfEnd($measure->to)));
    }

    /** @return list<Task> */
    private function tasksAgain(): array
    {
        $again = array_map(static fn (Mark $mark): array => $mark->place->path(), $this->again());

        return array_values(array_filter(
            $this->before->progress?->tasks() ?? [],
            static fn (Task $task): bool => null !== $task->mark && \in_array($task->mark->place->path(), $again, true),
        ));
    }

    /** @return list<Task> */
    private function tasksAfter(): array
    {
        return array_merge([], ...array_map(
            fn (Task $cut): array => $this->before->progress?->stage($cut->stage->key)?->after($cut) ?? [], $this->tasksAgain(),
        ));
    }

    /** @return list<Mark> of the end, as it is marked out once it is shorter */
    private function marks(): array
    {
        return array_values(array_filter($this->after->markOut?->all() ?? [], fn (Mark $mark): bool => $mark->place->end
            === $this->event->end && null !== $this->before->build->cut($mark->place)));
    }

    private function isMadeAgain(Mark $mark): bool
    {
        $judgement = $this->after->build->judgementOf($mark);

        return null === $judgement || Verdict::Out === $judgement->verdict && !$judgement->isTooLong();
    }

    /**
     * What is set does not move with the end: nothing may be planned elsewhere by it than where it lies, nor be in the way of a cut that is
     * made again. What was cleaned or folded is cleaned and folded once more.
     */
    private function displaced(): ?Item
    {
        $after = $this->tasksAfter();
        foreach ($this->before->build->counting as $id => $entry) {
            $event = $entry->event;
            $isSet = $event instanceof Applied && !isset($this->before->build->fallen[$id])
                && null !== $this->before->build->applied($event->place);
            $item = $isSet ? $this->before->sheet?->items[$event->place->part] ?? null : null;
            if (!$isSet || null === $item || \in_array($item->nature, [Nature::Zone, Nature::Layer], true)) {
                continue;
            }
            $isInTheWay = WorkKind::Set === $event->place->how && \in_array($this->before->progress?->work($event->place), $after, true);
            if ($isInTheWay || $this->isDisplaced($event)) {
                return $item;
            }
        }

        return null;
    }

    private function isDisplaced(Applied $set): bool
    {
        $isHere = null === $set->place->where->end || $set->place->where->end === $this->event->end;
        $item = WorkKind::Set === $set->place->how && $isHere ? $this->before->sheet?->items[$set->place->part] ?? null : null;

        return null !== $item && $this->isElsewhere($item, $set->place->where->core ?? 1);
    }

    private function isElsewhere(Item $item, int $core): bool
    {
        [$before, $after] = [self::places($this->before, $core), self::places($this->after, $core)];
        try {
            $was = $before?->edges($item, $this->event->end)[0]->nominal->minus($this->event->by->value);
            $is = $after?->edges($item, $this->event->end)[0]->nominal;
        } catch (CoreError) {
            return true;
        }

        return null === $was || null === $is || Length::ofMicrometres(100)->isLessThan($was->minus($is)->absolute());
    }

    private static function places(Plan $plan, int $core): ?Places
    {
        return Assembled::of($plan->job)->measuring($plan->build)?->places($core);
    }
}
