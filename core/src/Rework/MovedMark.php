<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Event\MarkMoved;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** Whether a length that is out comes right by making a cut further back, with every rule kept. */
final readonly class MovedMark
{
    private const FARTHEST = 300;

    private function __construct(private Plan $plan, private MarkMoved $event, public Aftermath $aftermath)
    {
    }

    public static function of(Plan $plan, MarkMoved $event): self
    {
        return new self($plan, $event, Aftermath::of($plan, $event));
    }

    /**
     * So that a cut that was made comes to lie as much further back.
     *
     * @param Length $amount more than was taken off already
     *
     * @return MarkMoved|null null: it was not made yet
     */
    public static function trimming(OutLength $out, MarkPlace $place, Length $amount, string $reason): ?MarkMoved
    {
        $by = self::inAll($out->plan, $place, $amount);

        return null === $by ? null : new MarkMoved($place, $by, $out->place, $reason);
    }

    /** The same cut on both ends of a joint. @return MarkMoved|null null: one of them was not made yet */
    public static function trimmingBoth(OutLength $out, MarkPlace $place, Length $amount, Length $otherAmount, string $reason): ?MarkMoved
    {
        $by = self::inAll($out->plan, $place, $amount);
        $otherBy = self::inAll($out->plan, $place->onOtherEnd(), $otherAmount);

        return null === $by || null === $otherBy ? null : new MarkMoved($place, $by, $out->place, $reason, $otherBy);
    }

    /** From where the sheet has its mark. */
    private static function inAll(Plan $plan, MarkPlace $place, Length $amount): ?Length
    {
        $mark = $plan->markOut?->mark($place->end, $place->cut, $place->core);
        $at = $plan->build->cut($place)?->event->reading->value;
        $moved = $plan->build->movedBy($place) ?? Length::ofNanometres(0);

        return null === $mark || null === $at ? null : $at->plus($amount)->minus($mark->at)->plus($moved);
    }

    public function refusal(): ?Sentence
    {
        $place = $this->event->place;
        $mark = $this->plan->markOut?->mark($place->end, $place->cut, $place->core);
        $out = OutLength::of($this->plan, $this->event->for);
        $other = $place->onOtherEnd();
        $isOtherMade = null === $this->event->otherBy || null !== $this->plan->build->cut($other);

        return match (true) {
            null === $this->plan->markOut => $this->plan->firstObstacle() ?? Sentence::plain('Nothing is marked out on this job.'),
            null === $mark || !$mark->place->equals($place) => Sentence::plain('There is no such cut on this job.'),
            null === $this->plan->build->cut($place) => Sentence::plain('This cut is not made yet: make it by its mark.'),
            !$isOtherMade => Sentence::plain('This cut is not made yet on the other end: make it by its mark.'),
            default => $this->tooFar($this->event->by) ?? $this->tooFar($this->event->otherBy) ?? $this->notRight($out),
        };
    }

    private function tooFar(?Length $by): ?Sentence
    {
        $isNear = null === $by || Length::ofNanometres(0)->isLessThan($by) && $by->isAtMost(Length::ofMillimetres(self::FARTHEST));

        return $isNear ? null : Sentence::of(
            'A cut is only made further back, by no more than {most}: {by:fine} is not.',
            ['most' => Length::ofMillimetres(self::FARTHEST), 'by' => $by],
        );
    }

    private function notRight(?OutLength $out): ?Sentence
    {
        return match (true) {
            null === $out => Sentence::plain('That length is not out: there is nothing to put right.'),
            !$out->isMeasuredFrom($this->event->place) => Sentence::plain(
                'That length is not measured from this cut: it cannot be put right by it.',
            ),
            default => $this->aftermath->refusal() ?? $this->broken($out, $this->aftermath->made()),
        };
    }

    private function broken(OutLength $out, Plan $made): ?Sentence
    {
        return $out->comesRight($made) ? Thinnest::tooFar($made) ?? Thinnest::broken($made) : Sentence::of(
            'It would not put that length right: it comes to {is:fine}.', ['is' => $out->by($made) ?? $out->reading->value],
        );
    }
}
