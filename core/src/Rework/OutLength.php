<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Task;
use Berm\Core\Cable\End;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\LengthWithin;
use Berm\Core\Check\Measure;
use Berm\Core\Check\Measured;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Limits;
use Berm\Core\Saying\Sentence;

/** A length that was measured and is out of its limits, and what it comes to by another plan. */
final readonly class OutLength
{
    private function __construct(
        public Plan $plan,
        public CheckPlace $place,
        public Task $task,
        public Reading $reading,
        public Range $window,
        public Judgement $judgement,
    ) {
    }

    /** Null where it is no length, is not made, is not out, or was let stand. */
    public static function of(Plan $plan, CheckPlace $place): ?self
    {
        $task = $plan->progress?->task($place);
        $answer = $plan->build->check($place)?->event->answer;
        $judgement = $task?->verdict?->judgement;

        return null !== $task && $task->isOut && null !== $task->window && null !== $judgement && $answer instanceof Measured
            && Verdict::Out === $judgement->verdict
            ? new self($plan, $place, $task, $answer->reading, $task->window, $judgement) : null;
    }

    public function measure(): ?Measure
    {
        return $this->task->check?->measure();
    }

    public function isTooLong(): bool
    {
        return $this->judgement->isTooLong();
    }

    /** By how much it has to change: to what is planned, where that is well inside; else to the middle, or as far in as is sure. */
    public function needs(): Length
    {
        return $this->aim()->minus($this->reading->value);
    }

    private function aim(): Length
    {
        $sure = $this->reading->uncertainty()->times(3);
        [$min, $max] = [$this->window->min, $this->window->max];
        $planned = $this->task->possible?->planned->nominal;
        $isWellInside = null !== $planned && $sure->isAtMost($this->window->margin($planned));

        return match (true) {
            null !== $planned && $isWellInside => $planned,
            null !== $min && null !== $max => $min->plus($max)->dividedBy(2, Rounding::Nearest),
            null !== $min => $min->plus($sure),
            default => ($max ?? $this->reading->value)->minus($sure),
        };
    }

    /** @return list<MarkPlace> cuts that it is measured from, or to */
    public function cuts(): array
    {
        $measure = $this->measure();
        $places = [];
        foreach (null === $measure ? [] : [[End::A, $measure->from], [End::B, $measure->to]] as [$side, $formula]) {
            $cut = Cut::ofFormulaName($formula->name() ?? '');
            $ends = null === $cut ? [] : $this->ends(true === $measure?->isAcross ? $side : null);
            $places = null === $cut ? $places : [...$places, ...array_map(fn (End $end): ?MarkPlace => $this->placeOf($end, $cut), $ends)];
        }

        return array_values(array_filter($places, static fn (?MarkPlace $place): bool => null !== $place));
    }

    private function placeOf(End $end, Cut $cut): ?MarkPlace
    {
        return $this->plan->markOut?->mark($end, $cut, $this->place->where->core)?->place;
    }

    /** @return list<End> */
    public function ends(?End $only = null): array
    {
        $measure = $this->measure();
        $first = array_values($this->plan->job->cables)[0]->end ?? null;
        $end = $only ?? $this->place->where->end ?? $measure->end ?? (true === $measure?->isAcross ? null : $first);

        return null !== $end ? [$end] : array_values(array_filter(
            End::cases(), fn (End $one): bool => isset($this->plan->job->cables[$one->value]),
        ));
    }

    public function isMeasuredFrom(MarkPlace $place): bool
    {
        return [] !== array_filter($this->cuts(), static fn (MarkPlace $one): bool => $one->equals($place));
    }

    /** What it comes to by another plan: as it was read, and as much more as lies otherwise. Null: that plan does not have it. */
    public function by(Plan $made): ?Length
    {
        $then = $made->progress?->task($this->place)?->possible;
        $now = $this->task->possible;

        return null === $then || null === $now ? null : $this->reading->value->plus($then->length->nominal)->minus($now->length->nominal);
    }

    public function comesRight(Plan $made): bool
    {
        $by = $this->by($made);
        $window = $made->progress?->task($this->place)?->window;

        return null !== $by && true === $window?->contains($by);
    }

    /** Beside what was cut and laid it cannot be so long, or so short: something is not where it was to be, or was not read right. */
    public function contradiction(): ?Sentence
    {
        return $this->task->possible?->contradiction($this->reading);
    }

    /** The sheet, or a rule that leans on it, says how long it may be; else its limits are what the plan comes to. */
    public function isBound(): bool
    {
        return $this->hasOwnLimits() || null !== $this->task->possible?->keepsRules;
    }

    private function hasOwnLimits(): bool
    {
        $question = $this->task->check?->question;

        return $question instanceof LengthWithin && (null !== $question->min || null !== $question->max);
    }

    /** Its limits are no more than what keeps the rules that lean on it: outside of them one is broken. */
    public function breaksRule(): ?Sentence
    {
        $limits = $this->hasOwnLimits() || null === $this->task->possible?->keepsRules
            ? null : Limits::fine($this->window->min, $this->window->max);

        return null === $limits ? null : Sentence::of(
            'It is {is:fine}; the rules that lean on it ask for {limits}.', ['is' => $this->reading->value, 'limits' => $limits],
        );
    }
}
