<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\Event\BoxOpened;
use Berm\Core\Build\BuildState;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Gate;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\File\LogFile;
use Berm\Core\Stores\Box;
use Psr\Clock\ClockInterface;

/** Appends to a job's log what the gates let through; the same entry sent twice is stored once. */
final readonly class WriteEntry
{
    public function __construct(private Jobs $jobs, private PlanJob $plan, private Boxes $boxes, private ClockInterface $clock)
    {
    }

    /** Refuses with EntryRefused when a gate is closed, and with EntryIdTaken when the id stands for another entry. @throws JobNotFound */
    public function __invoke(string $jobId, string $entryId, Event $event, string $by): PlannedJob
    {
        return $this->jobs->locked($jobId, function (StoredJob $stored) use ($entryId, $event, $by): PlannedJob {
            foreach ($stored->log as $kept) {
                if ($kept->entry->id === $entryId) {
                    return $this->again($stored, $kept, $event);
                }
            }
            $before = ($this->plan)($stored);
            $refusal = (new Gate($before))->refusal($event);
            if (null !== $refusal) {
                throw new EntryRefused($refusal);
            }
            $now = $this->clock->now();
            $entry = StoredEntry::after([] === $stored->log ? null : $stored->log[\count($stored->log) - 1], Entry::of($entryId, $by, $now, $event));
            $this->jobs->append($stored->id, $entry);
            $this->putBack($stored->id, $event, $before->build);
            $longer = new StoredJob($stored->id, $stored->name, $stored->function, $stored->draft, $stored->version, [...$stored->log, $entry], $now);

            return new PlannedJob($longer, ($this->plan)($longer));
        });
    }

    /** A box that was not opened after all stands on its shelf again; one that was looked at twice is as the look that still counts found it. */
    private function putBack(string $jobId, Event $event, BuildState $before): void
    {
        $undone = $event instanceof Withdrawn ? $before->counting[$event->entryId]->event : null;
        if (!$undone instanceof BoxOpened) {
            return;
        }
        $looks = array_filter($before->counting, static fn (Entry $entry): bool => $entry->event instanceof BoxOpened && $entry->event->box === $undone->box && $entry->event !== $undone);
        $last = array_pop($looks);
        $this->boxes->change($undone->box, static fn (Box $box): Box => $last?->event instanceof BoxOpened ? $box->openedFor($jobId, $last->at, $last->event->missing) : $box->closed());
    }

    private function again(StoredJob $stored, StoredEntry $kept, Event $event): PlannedJob
    {
        if (LogFile::writeEvent($kept->entry->event) !== LogFile::writeEvent($event)) {
            throw EntryIdTaken::by($kept->entry->id);
        }

        return new PlannedJob($stored, ($this->plan)($stored));
    }
}
