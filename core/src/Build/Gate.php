<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Build\Event\CoreCutBack;
use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\DeviationAccepted;
use Berm\Core\Build\Event\HoldReleased;
use Berm\Core\Build\Event\MarkMoved;
use Berm\Core\Build\Event\OtherSideTakes;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\SafetyConfirmed;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Job\Obstacle;
use Berm\Core\Job\Plan;
use Berm\Core\Saying\Sentence;

/** Decides whether an event may be written down now: a step that hides another waits until the hidden one is right. */
final readonly class Gate
{
    public function __construct(private Plan $plan)
    {
    }

    /**
     * Null: it may. Else the reason why not, and what to do first: that of the obstacle, where one stands in its way.
     *
     * @param \DateTimeImmutable|null $doneAt null: no permit's end is asked after
     */
    public function refusal(Event $event, ?\DateTimeImmutable $doneAt = null): ?Sentence
    {
        return $this->afterPermit($event, $doneAt)
            ?? $this->hiddenByConnector($event)
            ?? $this->barring($event)->reason
            ?? $this->tooEarly($event)
            ?? $event->refusal($this->plan);
    }

    /** Who may write it: a withdrawal, who may take back what it withdraws. */
    public function writer(Event $event): Writer
    {
        $taken = $event instanceof Withdrawn ? $this->plan->build->counting[$event->entryId] ?? null : null;

        return $taken?->event::kind()->withdrawer() ?? $event::kind()->writer();
    }

    /** What lies under the connector once it is on. */
    public static function isHiddenByConnector(Event $event): bool
    {
        return $event instanceof CutMeasured
            || $event instanceof CutBack
            || $event instanceof CoreCutBack
            || $event instanceof MarkMoved
            || $event instanceof OtherSideTakes
            || $event instanceof DeviationAccepted
            || $event instanceof PartParked
            || $event instanceof SafetyConfirmed;
    }

    private function afterPermit(Event $event, ?\DateTimeImmutable $doneAt): ?Sentence
    {
        $safety = $this->plan->build->safety;
        $isOver = null !== $doneAt && null !== $safety?->endsAt && $safety->endsAt < $doneAt && $event::kind()->isAtTheCable();

        return $isOver ? Sentence::of(
            'Permit {permit} had ended when this was done: stop. Leave it safe, and have it confirmed anew from a permit that holds.',
            ['permit' => $safety->permit],
        ) : null;
    }

    private function barring(Event $event): ?Obstacle
    {
        foreach ($this->plan->obstacles as $obstacle) {
            if ($obstacle->bars($event, $this->plan->build)) {
                return $obstacle;
            }
        }

        return null;
    }

    private function hiddenByConnector(Event $event): ?Sentence
    {
        $isLater = $event instanceof CutMeasured
            && true === $this->plan->job->sheet?->cutsAfterConnector($event->place->cut, $event->place->end);
        $isHidden = null !== $this->plan->build->connector && !$isLater && self::isHiddenByConnector($event)
            && !$event instanceof SafetyConfirmed;

        return $isHidden ? Sentence::plain(
            'The connector is on: what it hides can no longer be recorded. Withdraw that entry first if it was made by mistake.',
        ) : null;
    }

    /** Where the sheet has stages, each begins when those before it are done, and is over once it is finished. */
    private function tooEarly(Event $event): ?Sentence
    {
        $progress = $this->plan->progress;
        $stage = null === $progress || $event instanceof DeviationAccepted ? null : $event->stage($progress);
        if (null === $progress || null === $stage || !$progress->isInOrder($stage)) {
            return null;
        }
        $open = $progress->openBefore($stage->key);
        $isOver = null !== $this->plan->build->finished($stage->key) && !$event instanceof HoldReleased;

        return match (true) {
            null !== $open => $open->next()?->first() ?? Sentence::of('First: {stage}.', ['stage' => Sentence::plain($open->stage->title)]),
            $isOver => Sentence::of(
                '"{stage}" is finished. Withdraw that first if it has to be done again.', ['stage' => Sentence::plain($stage->title)],
            ),
            default => null,
        };
    }
}
