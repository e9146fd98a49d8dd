<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\BoxReturn;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Pictured;
use Berm\Core\Build\Event\PlanChanged;
use Berm\Core\Build\Event\SafetyConfirmed;
use Berm\Core\Build\Gate;
use Berm\Core\Build\ImpossibleTime;
use Berm\Core\Build\Timing;
use Berm\Core\File\BadDocument;
use Berm\Core\File\LogFile;
use Berm\Core\Job\Plan;
use Berm\Core\Saying\Sentence;
use Psr\Clock\ClockInterface;

/** Appends to a job's log what the gates let through; the same entry sent twice is stored once. */
final readonly class WriteEntry
{
    public function __construct(private Jobs $jobs, private PlanJob $plan, private BoxReturns $boxes, private KeptPictures $pictures,
        private ClockInterface $clock)
    {
    }

    /**
     * Refuses with NotTheirs when somebody else may write it, with EntryRefused when a gate is closed, with EntryIdTaken when the id
     * stands for another entry, and with BadDocument when the times cannot be.
     *
     * @throws JobNotFound
     */
    public function __invoke(string $jobId, SentAs $as, Event $event, Who $by): WrittenEntry
    {
        return $this->jobs->locked($jobId, function (StoredJob $stored) use ($as, $event, $by): WrittenEntry {
            foreach ($stored->log as $kept) {
                if ($kept->entry->id === $as->id) {
                    return $this->again($stored, $kept, $event);
                }
            }
            $before = ($this->plan)($stored);
            if (!$by->mayWriteAs((new Gate($before))->writer($event))) {
                throw NotTheirs::entry();
            }
            $now = $this->clock->now();
            $timing = $this->timing($now, $as->times, $stored->missed($as->times->heard, $by->name));
            $known = $this->known($stored, $before, $by, $timing, $now);
            $refusal = (new Gate($known))->refusal($event, $timing->doneAt ?? $now) ?? $this->missing($stored->id, $event);
            if (null !== $refusal) {
                throw new EntryRefused($refusal);
            }
            self::ensureNotAhead($event, $now);
            $longer = $this->jobs->append($stored, $known->entry($as->id, $by->name, $now, $event, $timing, $before));
            $return = BoxReturn::after($event, $before->build);
            if (null !== $return) {
                $this->boxes->take($return, $stored->id);
            }

            return new WrittenEntry($as->id, new PlannedJob($stored, $before), new PlannedJob($longer, ($this->plan)($longer)));
        });
    }

    /** What an entry shows has been sent before it. */
    private function missing(string $job, Event $event): ?Sentence
    {
        $isMissing = $event instanceof Pictured && !$this->pictures->has($job, $event->picture);

        return $isMissing ? Sentence::plain('The picture is not here: send it first, then what it shows.') : null;
    }

    /** A day is left for clocks that go wrong and for the other side of the world. */
    private static function ensureNotAhead(Event $event, \DateTimeImmutable $now): void
    {
        if ($event instanceof SafetyConfirmed && $event->confirmedAt > $now->modify('+1 day')) {
            throw BadDocument::because('event.confirmedAt', 'lies in the future: it is confirmed before work begins.');
        }
    }

    /**
     * Who wrote where there was no signal did not know what others wrote meanwhile: it is judged by what they knew, where it stands in the
     * order of what was done.
     *
     * @throws EntryRefused where the plan was changed meanwhile: it was made to another one
     */
    private function known(StoredJob $stored, Plan $all, Who $by, Timing $timing, \DateTimeImmutable $now): Plan
    {
        if (null === $timing->heard) {
            return $all;
        }
        $known = [];
        foreach ($stored->log as $place => $line) {
            $entry = $line->entry;
            $hasReached = $place < $timing->heard || $entry->by === $by->name;
            if (!$hasReached && $entry->event instanceof PlanChanged) {
                throw new EntryRefused(Sentence::of(
                    '{by} changed the plan meanwhile: this was done to the plan as it was. Look at it, then send it again.',
                    ['by' => $entry->by],
                ));
            }
            if ($hasReached) {
                $known[] = $entry;
            }
        }
        $done = $timing->doneAt ?? $now;
        $before = array_filter($known, static fn (Entry $entry): bool => $entry->by === $by->name || $entry->doneAt() <= $done);

        return Plan::ofLog($all->job, array_values($before));
    }

    private function timing(\DateTimeImmutable $now, SentTimes $times, bool $hasMissed): Timing
    {
        try {
            $timing = Timing::sent($now, $times->madeAt, $times->sentAt, $times->doneAt);

            return null !== $times->heard && $hasMissed ? $timing->withHeard($times->heard) : $timing;
        } catch (ImpossibleTime $time) {
            throw BadDocument::because($time->field, $time->getMessage());
        }
    }

    private function again(StoredJob $stored, StoredEntry $kept, Event $event): WrittenEntry
    {
        if (LogFile::writeEvent($kept->entry->event) !== LogFile::writeEvent($event)) {
            throw EntryIdTaken::by($kept->entry->id);
        }
        $job = new PlannedJob($stored, ($this->plan)($stored));

        return new WrittenEntry($kept->entry->id, $job, $job);
    }
}
