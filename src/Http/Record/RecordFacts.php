<?php

declare(strict_types=1);

namespace App\Http\Record;

use App\UseCase\StoredEntry;
use Berm\Core\Build\Done;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Names;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\FoundInWords;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\Where;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\SetMark;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Verdict;
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
        $job = $this->plan->job;
        $safety = $this->plan->build->safety;
        $connector = $this->plan->build->connector;
        $cables = array_map(fn (CableEnd $cable): array => ['Cable, end '.$cable->end->value, $this->cable($cable)], array_values($job->cables));
        $names = new Names($job);
        $parked = array_map(static fn (Done $done): string => $names->item($done->event->part).' on end '.$done->event->end->value, $this->plan->build->allParked());
        $tools = array_map(static fn (Done $done): string => $done->event->tool->inWords(), $this->plan->build->tools());

        return [
            ['Permit', null === $safety ? 'not confirmed' : \sprintf('%s; %s, %s', $safety->permit, $safety->confirmedBy, $safety->confirmedAt->format('j M Y, H:i P'))],
            ...$cables,
            ['Kit', null === $job->sheet || null === $job->size ? 'not chosen' : \sprintf('%s, size %s, %s, sheet %s revision %d', $job->sheet->name, $job->size->label, $job->sheet->maker, $job->sheet->revision->id, $job->sheet->revision->number)],
            ['Box', $this->box($names)],
            [ucfirst($job->function->connectorKind()->label()), null === $job->connector ? 'not chosen' : $job->connector->name.', '.$job->connector->maker.(null === $connector || '' === $connector->batch ? '' : ', batch '.$connector->batch)],
            ...(null === $job->site->weather->air || null === $job->site->weather->humidity ? [] : [['Air', $this->reader->temperature($job->site->weather->air).', '.$job->site->weather->humidity.' % relative humidity']]),
            ['Tools', [] === $tools ? 'none named' : implode('; ', $tools)],
            ['Parked', [] === $parked ? 'nothing recorded' : implode('; ', $parked)],
        ];
    }

    /** @return list<list<string>> */
    public function cuts(): array
    {
        return array_map($this->cut(...), $this->plan->markOut?->all() ?? []);
    }

    /**
     * @param list<StoredEntry> $log
     *
     * @return list<list<string>>
     */
    public function log(array $log): array
    {
        $names = new Names($this->plan->job);

        return array_map(fn (StoredEntry $stored): array => [
            (string) $stored->sequence,
            self::when($stored->entry),
            $stored->entry->by,
            $this->reader->say($stored->entry->event->words($names)).$this->standing($stored->entry),
        ], $log);
    }

    private function cable(CableEnd $cable): string
    {
        $measured = [];
        foreach (array_keys($cable->asFound->readings) as $layer) {
            $kind = LayerKind::from($layer);
            $diameter = $cable->asFound->diameterOver($kind);
            $measured[] = null === $diameter ? '' : $this->reader->word($kind->label()).' '.$this->reader->fine($diameter->mean).' ± '.$this->reader->fine($diameter->uncertainty);
        }
        $free = null === $cable->freeLength ? '' : '; free length '.$this->reader->mark($cable->freeLength);

        $found = implode(' ', array_map($this->reader->say(...), FoundInWords::of($cable)));

        return rtrim($cable->construction->designation.'. Measured: '.([] === $measured ? 'nothing' : implode(', ', $measured)).$free.'. '.$found);
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
            $measured?->asTyped() ?? '–',
            $measured?->instrument->label() ?? '',
            null === $judgement ? 'to do' : $this->verdict($judgement).(null === $this->plan->build->acceptance($mark) ? '' : ', accepted'),
        ];
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

    private function box(Names $names): string
    {
        $box = $this->plan->build->box();
        $dated = $this->plan->build->kitDate();

        return match (true) {
            null !== $box => $box->event->inWords($names),
            null !== $dated => 'none opened in Berm; '.lcfirst($this->reader->say($dated->event->words($names))),
            default => 'none opened in Berm, and nobody has said until when the kit keeps',
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
            isset($this->plan->build->lapsed[$entry->id]) => ' (for another plan: it no longer holds)',
            default => '',
        };
    }
}
