<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Gate;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** An earlier entry was wrong. It stays in the log; it no longer counts. */
final readonly class Withdrawn implements Event
{
    public function __construct(public string $entryId, public string $reason)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::Withdrawn;
    }

    public function subject(): array
    {
        return [$this->entryId];
    }

    public static function read(Fields $file): self
    {
        return new self($file->text('entry', 40), $file->text('reason', 600));
    }

    public function write(): array
    {
        return ['entry' => $this->entryId, 'reason' => $this->reason];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $event = ($plan->build->counting[$this->entryId] ?? null)?->event;

        return match (true) {
            null === $event => Sentence::plain('There is no such entry to withdraw, or it has been withdrawn already.'),
            $event instanceof self, $event instanceof PlanChanged => Sentence::plain(
                'This entry tells what happened to the log itself and cannot be withdrawn.',
            ),
            null !== $plan->build->connector && Gate::isHiddenByConnector($event) => Sentence::plain(
                'The connector is on: withdraw that entry first.',
            ),
            default => self::hidden($event, $plan),
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('An entry withdrawn: {reason}', ['reason' => $this->reason]);
    }

    /** What a later stage rests on is withdrawn after it. */
    private static function hidden(Event $event, Plan $plan): ?Sentence
    {
        $stage = null === $plan->progress ? null : $event->stage($plan->progress);
        if (null === $plan->progress || null === $stage || !$plan->progress->isStaged) {
            return null;
        }
        $isItself = $event instanceof StageFinished || $event instanceof HoldReleased;
        $isOver = !$isItself && null !== $plan->build->finished($stage->key);
        $over = $isOver ? $stage : $plan->progress->finishedAfter($stage->key, $plan->build);

        return null === $over ? null : Sentence::of(
            '"{stage}" is finished and rests on it: withdraw that first.', ['stage' => Sentence::plain($over->title)],
        );
    }
}
