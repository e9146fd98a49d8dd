<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Task;
use Berm\Core\Build\Writer;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Looked;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Mistake;
use Berm\Core\Saying\Sentence;

/** The ways on from a check that is out and is no length between two places. @internal use WaysOn */
final readonly class WaysOfCheck
{
    private function __construct(private Plan $plan, private Task $task, private CheckPlace $place)
    {
    }

    /** @return list<Way> */
    public static function on(Plan $plan, CheckPlace $place): array
    {
        $task = $plan->progress?->task($place) ?? throw new \LogicException('its refusal was asked for');
        $ways = new self($plan, $task, $place);
        $isWound = \in_array(Mistake::Groove, $task->check->catches ?? [], true);
        $dressing = $isWound ? Dressing::of($plan, $place) : [];

        return [
            ...($isWound ? $dressing : $ways->mend()), $ways->letStand()->ruledOut($dressing[0]->refusal ?? null),
            ...WaysOfPart::before($task, $plan),
            ...LastWays::on($plan, $task->where->end),
        ];
    }

    /** @return list<Way> as the sheet has it, or as is common practice for what was found on a tube; then it is looked at again */
    private function mend(): array
    {
        $answer = $this->plan->build->check($this->place)?->event->answer;
        $fault = $answer instanceof Looked ? $answer->fault : null;
        $mend = $fault?->mend() ?? $this->task->check->mend ?? '';

        return '' === $mend ? [] : [
            Way::of(WayKind::Mend, Sentence::plain('Put it right where it is, and look again'), Sentence::plain($mend)),
        ];
    }

    private function letStand(): Way
    {
        return Way::of(WayKind::LetStand, Sentence::plain('An engineer lets it stand'), Sentence::plain(
            'Nothing is done: the sheet asks for it otherwise.',
        ), by: Writer::Engineer)->comingTo(Comes::to($this->plan));
    }
}
