<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Gate;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\Build\Shortens;
use Berm\Core\Build\Undoes;
use Berm\Core\Build\WorkSkeleton;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\MarkPlace;
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
            self::isCutSince($event, $this->entryId, $plan) => Sentence::plain(
                'A cut was made by it since: withdraw that first.',
            ),
            default => self::hidden($event, $plan),
        };
    }

    /** What an end was cut back for, or a mark moved, can be taken back until the first cut by it. */
    private static function isCutSince(Event $event, string $id, Plan $plan): bool
    {
        $isAt = static fn (MarkPlace $place): bool => $event instanceof Shortens && $event->meets($place->where())
            || $event instanceof MarkMoved && null !== $event->moves($place);
        $isSince = false;
        foreach ($event instanceof Undoes ? $plan->build->counting : [] as $one => $entry) {
            if ($isSince && $entry->event instanceof CutMeasured && $isAt($entry->event->place)) {
                return true;
            }
            $isSince = $isSince || $one === $id;
        }

        return false;
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('An entry withdrawn: {reason}', ['reason' => $this->reason]);
    }

    /** What was seen before the connector, and the connector that was seen afterwards. */
    private static function hiddenWithoutStages(Event $event, Plan $plan, Progress $progress): ?Sentence
    {
        $later = $event instanceof ConnectorFitted ? $progress->answeredAfterConnector() : null;
        $isBefore = $event instanceof CheckMade && WorkSkeleton::CONNECTOR === $event->place->stage && null !== $plan->build->connector;

        return match (true) {
            null !== $later => Sentence::of('Withdraw “{look}” first: it was seen on the connector.', ['look' => $later->title]),
            $isBefore => Sentence::plain('The connector rests on it: withdraw that first.'),
            default => null,
        };
    }

    /** What a later stage rests on is withdrawn after it. */
    private static function hidden(Event $event, Plan $plan): ?Sentence
    {
        $stage = null === $plan->progress ? null : $event->stage($plan->progress);
        if (null === $plan->progress || null === $stage) {
            return null;
        }
        if (!$plan->progress->isStaged) {
            return self::hiddenWithoutStages($event, $plan, $plan->progress);
        }
        $isItself = $event instanceof StageFinished || $event instanceof HoldReleased;
        $isOver = !$isItself && null !== $plan->build->finished($stage->key);
        $over = $isOver ? $stage : $plan->progress->finishedAfter($stage->key, $plan->build);

        return null === $over ? null : Sentence::of(
            '"{stage}" is finished and rests on it: withdraw that first.', ['stage' => Sentence::plain($over->title)],
        );
    }
}
