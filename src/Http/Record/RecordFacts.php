<?php

declare(strict_types=1);

namespace App\Http\Record;

use App\UseCase\StoredEntry;
use Berm\Core\Build\Entry;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Writer;
use Berm\Core\Cable\Where;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\SetMark;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Record\Fact;
use Berm\Core\Record\Facts;
use Berm\Core\Saying\Reader;

/** The record's texts, in the reader's units and words. */
final readonly class RecordFacts
{
    public function __construct(private Plan $plan, private Reader $reader)
    {
    }

    /** @return list<array{string, string}> */
    public function rows(): array
    {
        return array_map(
            fn (Fact $fact): array => [$this->reader->say($fact->label), $this->reader->say($fact->value)], Facts::of($this->plan),
        );
    }

    /** @return list<list<string>> */
    public function cuts(): array
    {
        return array_map($this->cut(...), $this->plan->markOut?->all() ?? []);
    }

    /** @return list<list<string>> what was looked at or measured, with its limits and its verdict */
    public function checks(): array
    {
        $rows = [];
        foreach ($this->plan->progress?->tasks() ?? [] as $task) {
            $place = $task->checkPlace();
            $made = null === $place ? null : $this->plan->build->check($place);
            if (null === $place || null === $made || null === $task->verdict) {
                continue;
            }
            $isLetStand = null !== $this->plan->build->checkAcceptance($place);
            $rows[] = [
                $this->reader->say($task->title), null === $task->limits ? '' : $this->reader->say($task->limits),
                $made->event->answer->inWords(), $task->isOut ? 'out' : ($isLetStand ? 'let stand' : 'inside'),
            ];
        }

        return $rows;
    }

    /**
     * What an engineer let stand or said of it, as far as it still counts.
     *
     * @param list<StoredEntry> $log
     *
     * @return list<string>
     */
    public function concessions(array $log): array
    {
        $names = new Names($this->plan->job);
        $said = [];
        foreach ($log as $stored) {
            $kind = $stored->entry->event::kind();
            $isOne = Writer::Engineer === $kind->writer() && EventKind::Answered !== $kind && EventKind::HoldReleased !== $kind;
            $counts = isset($this->plan->build->counting[$stored->entry->id]) && '' === $this->standing($stored->entry);
            $said = $isOne && $counts ? [
                ...$said, "{$this->reader->say($stored->entry->event->words($names))}. {$stored->entry->by}, ".self::when($stored->entry),
            ] : $said;
        }

        return $said;
    }

    /**
     * @param list<StoredEntry> $log
     *
     * @return list<list<string>>
     */
    public function log(array $log): array
    {
        $names = new Names($this->plan->job);

        return array_map(fn (StoredEntry $stored, int $i): array => [
            (string) $stored->sequence,
            self::when($stored->entry),
            $stored->entry->by,
            $this->reader->say($stored->entry->event->words($names)).$this->standing($stored->entry)
                .($stored->isByAClockSetBackSince($log[$i - 1] ?? null) ? ' (the server’s clock was set back before this line)' : ''),
        ], $log, array_keys($log));
    }

    /** @return list<string> */
    private function cut(Mark $mark): array
    {
        $measured = $this->plan->build->cut($mark->place)?->event->reading;
        $judgement = $this->plan->build->judgementOf($mark);
        [$at, $window] = $this->target($mark);

        return [
            $mark->place->end->value.$mark->order.(null === $mark->place->core ? '' : ".{$mark->place->core}"),
            ucfirst($this->reader->word($mark->place->cut->layer()->label())),
            $at,
            $window,
            null === $measured ? '–' : $measured->asTyped().$this->sawnOff($measured),
            $measured?->byWhat() ?? '',
            null === $judgement ? 'to do' : $this->verdict($judgement).(null === $this->plan->build->acceptance($mark) ? '' : ', accepted'),
        ];
    }

    private function sawnOff(Reading $measured): string
    {
        return null === $measured->sawnOff ? '' : ", {$this->reader->fine($measured->sawnOff)} sawn off since";
    }

    /** @return array{string, string} */
    private function target(Mark $mark): array
    {
        $set = SetMark::of($mark->at, $mark->window(), $this->reader->unit);

        return ["$set->at {$this->reader->unit->value}", "$set->from to $set->to"];
    }

    private function verdict(Judgement $judgement): string
    {
        return match ($judgement->verdict) {
            Verdict::Inside => 'inside',
            Verdict::NotProved => 'inside, not proved',
            Verdict::Out => 'out by '.$this->reader->fine($judgement->margin->absolute()),
        };
    }

    /** When it was done; when it was written down too, where that was later. */
    private static function when(Entry $entry): string
    {
        $done = $entry->doneAt()->format('j M Y, H:i');
        $written = $entry->at->format('j M Y, H:i');

        return $done === $written ? $done : "$done (written $written)";
    }

    private function standing(Entry $entry): string
    {
        return match (true) {
            !isset($this->plan->build->counting[$entry->id]) => ' (withdrawn)',
            isset($this->plan->build->fallen[$entry->id]) => ' (no longer true: what it was found on came off, or its end was cut back)',
            isset($this->plan->build->lapsed[$entry->id]) => ' (for another plan: it no longer holds)',
            default => '',
        };
    }
}
