<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Task;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Measured;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Mistake;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/**
 * A groove, nick or scorch in the insulation is dressed smooth, as long as enough is left at the thinnest place; else the wounded piece
 * comes off. Common practice; how much must be left is the standard's.
 */
final readonly class Dressing
{
    private function __construct(private Plan $plan, private Task $task)
    {
    }

    /** @return list<Way> */
    public static function of(Plan $plan, CheckPlace $place): array
    {
        $task = $plan->progress?->task($place) ?? throw new \LogicException('its refusal was asked for');
        $self = new self($plan, $task);
        $ends = null !== $task->where->end ? [$task->where->end] : $plan->job->function->ends();
        $past = null === $plan->build->connector ? array_map($self->past(...), $ends) : [];

        return [$self->dress($ends), ...array_values(array_filter($past, static fn (?Way $way): bool => null !== $way))];
    }

    /** @param list<End> $ends */
    private function dress(array $ends): Way
    {
        $cable = $this->plan->job->cables[($ends[0] ?? End::A)->value] ?? null;
        $standard = null === $cable ? null : LeastWall::of($cable);
        $title = Sentence::plain('Dress it: smooth, and run out along the cable');
        if (null === $cable || null === $standard) {
            return Way::of(WayKind::Dress, $title, Sentence::plain('No step may be left.'))->ruledOut(Sentence::plain(
                'No standard that Berm knows says how little this insulation may be: ask an engineer.',
            ));
        }
        $least = Length::largest($standard->least, $this->asked() ?? $standard->least);
        $wall = LeastWall::wall($cable) ?? $least;
        $deep = Length::largest($wall->minus($least), Length::ofNanometres(0));

        return Way::of(WayKind::Dress, $title, Sentence::of(
            'No deeper than {deep:fine} of the {wall:fine} that '.self::known($cable).': {least:fine} must be left at the thinnest place, '
                ."measured ($standard->standard). Never onto the screen, no step, no flat; then wipe and look again.{$this->strand()}",
            ['deep' => $deep, 'wall' => $wall, 'least' => $least],
        ))->ruledOut($this->tooThin($least));
    }

    /** What is looked at together with the insulation, and is never dressed. */
    private function strand(): string
    {
        $isSeen = \in_array(Mistake::StrandNicked, $this->task->check->catches ?? [], true);

        return $isSeen ? ' A nicked strand is not dressed: cut back past it.' : '';
    }

    private static function known(CableEnd $cable): string
    {
        return null === $cable->asFound->wall() ? 'the cable type has' : 'was read';
    }

    /** As the sheet asks for it, where it asks. */
    private function asked(): ?Length
    {
        return $this->left()?->window?->min;
    }

    /** The check by which what is left is measured. */
    private function left(): ?Task
    {
        foreach ($this->plan->progress?->stage($this->task->stage->key)->tasks ?? [] as $task) {
            if (null !== $task->window?->min && $task->check?->catches === $this->task->check?->catches || $task === $this->task
                && null !== $task->window) {
                return $task;
            }
        }

        return null;
    }

    private function tooThin(Length $least): ?Sentence
    {
        $left = $this->left()?->checkPlace();
        $answer = null === $left ? null : $this->plan->build->check($left)?->event->answer;
        $is = $answer instanceof Measured ? $answer->reading : null;

        return null !== $is && $is->value->isLessThan($least) ? Sentence::of(
            '{is:fine} is left; {least:fine} must be, at the thinnest place.', ['is' => $is->value, 'least' => $least],
        ) : null;
    }

    /** All insulation that is bare goes with it, as far as the screen: so the wound does. */
    private function past(End $end): ?Way
    {
        $mark = $this->plan->markOut?->mark($end, Cut::InsulationScreen, $this->task->where->core);
        $at = null === $mark ? null : $this->plan->build->cut($mark->place)?->event->reading->value;
        if (null === $at) {
            return null;
        }
        $off = Length::ofMillimetres((int) ceil($at->inMillimetres()));

        return Shortening::ofEnd($this->plan, $end, $off)->way(
            WayKind::CutBack, Sentence::plain("Cut end {$end->value} back past it"), Sentence::of(
                'By {off:fine} all insulation that is bare is gone; less, where the wound lies nearer to the end. Mark out anew.',
                ['off' => $off],
            ), Cost::nothing(),
        );
    }
}
