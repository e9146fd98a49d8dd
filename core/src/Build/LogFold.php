<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Build\Event\Answered;
use Berm\Core\Build\Event\Called;
use Berm\Core\Build\Event\HandedOver;
use Berm\Core\Build\Event\LeftSafe;
use Berm\Core\Build\Event\Noted;
use Berm\Core\Build\Event\Pictured;
use Berm\Core\Build\Event\SafetyConfirmed;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Place\Register;

/** A log read through once: which of its entries count, and of each thing the last that does. @internal BuildState answers from it */
final readonly class LogFold
{
    /**
     * @param Register<Entry>      $latest
     * @param array<string, Entry> $counting  by id, entries that were not withdrawn
     * @param array<string, Entry> $lapsed    by id, those of them that were written for another plan and no longer hold
     * @param array<string, true>  $fallen    by id, those of them that hold no more: a part was taken off again, or an end cut back
     * @param string|null          $lastWork  the id of the last entry that a handing over signs for; null where there is none
     * @param list<Unsettled>      $unsettled
     */
    private function __construct(
        public Register $latest, public array $counting, public array $lapsed, public array $fallen, public ?string $lastWork,
        public array $unsettled,
    ) {
    }

    /** @param list<Entry> $log in the order in which it arrived; what counts is what was done last, not what arrived last */
    public static function of(array $log, ?Pins $pins): self
    {
        $counting = $lapsed = [];
        $withdrawn = self::withdrawn($log);
        $fallen = self::fallen($log, $withdrawn);
        /** @var Register<Entry> $latest */
        $latest = Register::empty();
        $heard = Heard::in($log);
        $unsettled = [];
        foreach (DoneOrder::of($log) as $entry) {
            if (isset($withdrawn[$entry->id])) {
                continue;
            }
            $counting[$entry->id] = $entry;
            if (isset($fallen[$entry->id])) {
                continue;
            }
            if (null === $pins || $entry->standsFor($pins)) {
                $subject = Subject::of($entry->event);
                $before = $latest->isEmpty() ? null : $latest->at($subject);
                $unsettled = self::without($unsettled, $entry, $heard);
                if (null !== $before && self::differ($before, $entry) && !$heard->eitherKnew($before, $entry)) {
                    $unsettled[] = new Unsettled($before, $entry);
                    continue;
                }
                $latest = self::left($latest, $entry->event)->with($subject, $entry);
            } else {
                $lapsed[$entry->id] = $entry;
            }
        }

        return new self($latest, $counting, $lapsed, $fallen, self::lastWork($log, $withdrawn), $unsettled);
    }

    /**
     * @template E of Event
     *
     * @param class-string<E>  $class
     * @param list<string|int> $subject
     *
     * @return Done<E>|null
     */
    public function last(string $class, array $subject): ?Done
    {
        $entry = $this->latest->isEmpty() ? null : $this->latest->at(new Subject($class::kind(), $subject));

        return null !== $entry && $entry->event instanceof $class ? new Done($entry->event, $entry) : null;
    }

    /**
     * @template E of Event
     *
     * @param class-string<E> $class
     *
     * @return list<Done<E>>
     */
    public function allOf(string $class): array
    {
        $done = [];
        foreach ($this->latest->all() as $entry) {
            if ($entry->event instanceof $class) {
                $done[] = new Done($entry->event, $entry);
            }
        }

        return $done;
    }

    /** Two answers to one question that say otherwise. */
    private static function differ(Entry $one, Entry $other): bool
    {
        return $one->event::kind()->isAnswer() && $one->event->write() !== $other->event->write();
    }

    /**
     * Who knows of it and answers anew speaks for it: what they say now counts, or is what is asked about.
     *
     * @param list<Unsettled> $unsettled
     *
     * @return list<Unsettled>
     */
    private static function without(array $unsettled, Entry $entry, Heard $heard): array
    {
        $subject = Subject::of($entry->event)->path();

        return array_values(array_filter($unsettled, static function (Unsettled $one) use ($subject, $entry, $heard): bool {
            return Subject::of($one->asked->event)->path() !== $subject || !$heard->knew($entry, $one->asked);
        }));
    }

    /**
     * What is left is not safe to start any more, and what is safe to start is not left.
     *
     * @param Register<Entry> $latest
     *
     * @return Register<Entry>
     */
    private static function left(Register $latest, Event $event): Register
    {
        return match (true) {
            $event instanceof LeftSafe => $latest->without(new Subject(EventKind::SafetyConfirmed, [])),
            $event instanceof SafetyConfirmed => $latest->without(new Subject(EventKind::LeftSafe, [])),
            default => $latest,
        };
    }

    /**
     * Notes, pictures, calls and their answers, whether written or taken back, and the handing over itself are not what is signed for.
     *
     * @param list<Entry>         $log
     * @param array<string, true> $withdrawn by id
     */
    private static function lastWork(array $log, array $withdrawn): ?string
    {
        $notes = [];
        $last = null;
        foreach ($log as $entry) {
            $event = $entry->event;
            $isSaid = $event instanceof Noted || $event instanceof Called || $event instanceof Answered || $event instanceof Pictured;
            if ($isSaid) {
                $notes[$entry->id] = true;
            }
            $isNote = $isSaid || $event instanceof Withdrawn && isset($notes[$event->entryId]);
            if (!$isNote && !$event instanceof HandedOver && !isset($withdrawn[$entry->id])) {
                $last = $entry->id;
            }
        }

        return $last;
    }

    /**
     * @param list<Entry> $log
     *
     * @return array<string, true> by id
     */
    private static function withdrawn(array $log): array
    {
        $withdrawn = [];
        foreach ($log as $entry) {
            if ($entry->event instanceof Withdrawn) {
                $withdrawn[$entry->event->entryId] = true;
            }
        }

        return $withdrawn;
    }

    /**
     * @param list<Entry>         $log
     * @param array<string, true> $withdrawn by id
     *
     * @return array<string, true> by id, what no longer holds since a part was taken off again, an end was shortened or a mark moved
     */
    private static function fallen(array $log, array $withdrawn): array
    {
        $fallen = [];
        foreach ($log as $entry) {
            if ($entry->event instanceof Undoes && !isset($withdrawn[$entry->id])) {
                $fallen += array_fill_keys($entry->basis->falls ?? [], true);
            }
            $offBy = $entry->basis?->offBy;
            if (null !== $offBy && !isset($withdrawn[$offBy])) {
                $fallen[$entry->id] = true;
            }
        }

        return $fallen;
    }
}
