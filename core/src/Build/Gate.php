<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Sentence;

/** Decides whether an event may be written down now: a step that hides another waits until the hidden one is right. */
final readonly class Gate
{
    public function __construct(private Plan $plan)
    {
    }

    /** Null: it may. Else the reason why not, and what to do first. */
    public function refusal(Event $event): ?Sentence
    {
        return match (true) {
            $event instanceof SafetyConfirmed, $event instanceof PlanChanged, $event instanceof BoxOpened, $event instanceof ToolTaken => null,
            $event instanceof Withdrawn => $this->onWithdrawal($event),
            null === $this->plan->build->safety => Sentence::plain('Confirm first, from the local permit, that it is safe to start.'),
            $event instanceof DeviationAccepted => $this->onAcceptance($event),
            null !== $this->tooEarly($event) => $this->tooEarly($event),
            $event instanceof CheckMade, $event instanceof CheckAccepted => $this->onCheck($event),
            $event instanceof StageFinished => $this->onFinish($event),
            $event instanceof HoldReleased => $this->onRelease($event),
            null !== $this->plan->build->connector => Sentence::plain('The connector is on: what it hides can no longer be recorded. Withdraw that entry first if it was made by mistake.'),
            $event instanceof CutMeasured => $this->onCut($event),
            $event instanceof PartParked => $this->onParking($event),
            $event instanceof ConnectorFitted => $this->onConnector(),
            default => throw new \LogicException('every kind of event has its gate'),
        };
    }

    private function onWithdrawal(Withdrawn $event): ?Sentence
    {
        $entry = $this->plan->build->counting[$event->entryId] ?? null;

        return match (true) {
            null === $entry => Sentence::plain('There is no such entry to withdraw, or it has been withdrawn already.'),
            $entry->event instanceof Withdrawn, $entry->event instanceof PlanChanged => Sentence::plain('This entry tells what happened to the log itself and cannot be withdrawn.'),
            null !== $this->plan->build->connector && $this->isHiddenByConnector($entry->event) => Sentence::plain('The connector is on: withdraw that entry first.'),
            default => $this->hiddenBy($entry->event),
        };
    }

    private function isHiddenByConnector(Event $event): bool
    {
        return $event instanceof CutMeasured || $event instanceof DeviationAccepted || $event instanceof PartParked || $event instanceof SafetyConfirmed;
    }

    /** What a later stage rests on is withdrawn after it. */
    private function hiddenBy(Event $event): ?Sentence
    {
        $progress = $this->plan->progress;
        $stage = $progress?->stageOf($event);
        if (null === $progress || null === $stage || !$progress->isStaged) {
            return null;
        }
        $isItself = $event instanceof StageFinished || $event instanceof HoldReleased;
        $over = !$isItself && isset($this->plan->build->finished[$stage->key]) ? $stage : $progress->finishedAfter($stage->key, $this->plan->build);

        return null === $over ? null : Sentence::plain("\"$over->title\" is finished and rests on it: withdraw that first.");
    }

    /** Where the sheet has stages, each begins when those before it are done, and is over once it is finished. */
    private function tooEarly(Event $event): ?Sentence
    {
        $progress = $this->plan->progress;
        $stage = $progress?->stageOf($event);
        if (null === $progress || null === $stage || !$progress->isStaged) {
            return null;
        }
        $open = $progress->openBefore($stage->key);
        $isOver = isset($this->plan->build->finished[$stage->key]) && !$event instanceof HoldReleased;

        return match (true) {
            null !== $open => self::first($open->next()->title ?? Sentence::plain($open->stage->title)),
            $isOver => Sentence::plain("\"$stage->title\" is finished. Withdraw that first if it has to be done again."),
            default => null,
        };
    }

    private function onCheck(CheckMade|CheckAccepted $event): ?Sentence
    {
        $task = $this->plan->progress?->task($event->stage, $event->check, $event->where);

        return match (true) {
            null === $task || null === $task->check => $this->plan->firstObstacle() ?? Sentence::plain('There is no such check on this job.'),
            $event instanceof CheckAccepted => $task->isOut ? null : Sentence::plain('There is nothing to accept: this check is not out.'),
            !CheckJudge::isAnswer($task->check, $event) => Sentence::plain("This is not an answer to: {$task->check->ask}."),
            default => null,
        };
    }

    private function onFinish(StageFinished $event): ?Sentence
    {
        $progress = $this->plan->progress?->stage($event->stage);
        $open = $progress?->openBeforeFinish();

        return match (true) {
            null === $progress => Sentence::plain('This kit has no such stage.'),
            null === $open => null,
            $open->isOut => Sentence::of("{$open->title->template}: it is out. Put it right, or let an engineer accept it.", $open->title->values),
            default => self::first($open->title),
        };
    }

    /** The title stays a template, so that its words are said in the reader's own vocabulary. */
    private static function first(Sentence $title): Sentence
    {
        return Sentence::of("First: $title->template.", $title->values);
    }

    private function onRelease(HoldReleased $event): ?Sentence
    {
        $progress = $this->plan->progress?->stage($event->stage);

        return match (true) {
            true !== $progress?->stage->isHoldPoint => Sentence::plain('This stage is no hold point.'),
            isset($this->plan->build->finished[$event->stage]) => null,
            default => Sentence::plain('Finish the stage first.'),
        };
    }

    private function onAcceptance(DeviationAccepted $event): ?Sentence
    {
        $mark = $this->plan->markOut?->mark($event->end, $event->cut, $event->core);

        return null !== $mark && Verdict::Out === $this->plan->build->judgementOf($mark)?->verdict
            ? null
            : Sentence::plain('There is nothing to accept: this cut is not out.');
    }

    private function onCut(CutMeasured $event): ?Sentence
    {
        $mark = $this->plan->markOut?->mark($event->end, $event->cut, $event->core);
        $isPlausible = Range::between(Length::ofMillimetres(1), Length::ofMillimetres(5000))->contains($event->reading->value);
        $before = null === $mark ? null : $this->missingBefore($mark);

        return match (true) {
            null === $mark => $this->plan->firstObstacle() ?? Sentence::plain('There is no such cut on this job.'),
            $mark->core !== $event->core => Sentence::plain(null === $mark->core ? 'This cut goes round all cores: leave the core out.' : 'This cut is made on each core: say which.'),
            !$this->plan->fitLets() => $this->plan->firstObstacle(),
            null !== $this->plan->unsoundCable() => $this->plan->unsoundCable()->reason,
            !$isPlausible => Sentence::of('A cut {typed} from the cable end is not one of this trade: check the unit.', ['typed' => $event->reading->value]),
            null !== $before => Sentence::plain(\sprintf('Record the cut of the [%s] of end %s first: it lies outside this one.', $before->layer()->label(), $event->end->value)),
            default => null,
        };
    }

    private function missingBefore(Mark $mark): ?Cut
    {
        foreach ($this->plan->markOut?->marksOf($mark->end, $mark->core) ?? [] as $outer) {
            if ($outer->cut === $mark->cut) {
                return null;
            }
            if (null === $this->plan->build->cut($outer->end, $outer->cut, $outer->core)) {
                return $outer->cut;
            }
        }

        return null;
    }

    private function onParking(PartParked $event): ?Sentence
    {
        $part = $this->plan->sheet?->parts[$event->part] ?? null;

        return match (true) {
            null === $part || !$part->isParked() => Sentence::plain('This kit parks no such part.'),
            !\in_array($event->end, $part->parkOn, true) => Sentence::plain(\sprintf('The %s cannot be parked on end %s: the kit allows end %s.', lcfirst($part->name), $event->end->value, implode(' or ', array_map(static fn (End $end): string => $end->value, $part->parkOn)))),
            default => null,
        };
    }

    private function onConnector(): ?Sentence
    {
        $markOut = $this->plan->markOut;
        if (null === $markOut || !$this->plan->fitLets()) {
            return $this->plan->firstObstacle() ?? Sentence::plain('Plan the job first.');
        }
        foreach ($markOut->all() as $mark) {
            $stop = $this->unfinished($mark);
            if (null !== $stop) {
                return $stop;
            }
        }
        foreach ($this->plan->sheet?->parkedParts() ?? [] as $part) {
            if (!isset($this->plan->build->parked[$part->key])) {
                return Sentence::plain(\sprintf('Park the %s first: it cannot be put on after the connector.', lcfirst($part->name)));
            }
        }

        return null;
    }

    private function unfinished(Mark $mark): ?Sentence
    {
        $verdict = $this->plan->build->judgementOf($mark)?->verdict;
        $where = \sprintf('the cut of the [%s] of %s', $mark->cut->layer()->label(), $mark->where());

        return match (true) {
            null === $verdict => Sentence::plain("Measure and record $where first: the connector hides it."),
            Verdict::Out === $verdict && !$this->plan->build->isAccepted($mark) => Sentence::plain(ucfirst("$where is out. Put it right, or let an engineer accept it, before the connector hides it.")),
            default => null,
        };
    }
}
