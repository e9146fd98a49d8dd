<?php

declare(strict_types=1);

namespace App\Http\Record;

use App\UseCase\StoredEntry;
use Berm\Core\Build\Event\BoxOpened;
use Berm\Core\Build\Event\CheckAccepted;
use Berm\Core\Build\CheckInWords;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\DeviationAccepted;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\HoldReleased;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\PlanChanged;
use Berm\Core\Build\Event\SafetyConfirmed;
use Berm\Core\Build\Event\StageFinished;
use Berm\Core\Build\Event\ToolTaken;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\FoundInWords;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\Where;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\InchMark;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use Berm\Core\Tool\Tool;

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
        $parked = array_map(fn (string $key): string => ($job->sheet->parts[$key]->name ?? $key).' on end '.$this->plan->build->parked[$key]->value, array_keys($this->plan->build->parked));

        return [
            ['Permit', null === $safety ? 'not confirmed' : \sprintf('%s; %s, %s', $safety->permit, $safety->confirmedBy, $safety->confirmedAt->format('j M Y, H:i P'))],
            ...$cables,
            ['Kit', null === $job->sheet || null === $job->size ? 'not chosen' : \sprintf('%s, size %s, %s, sheet %s revision %d', $job->sheet->name, $job->size->label, $job->sheet->maker, $job->sheet->revision->id, $job->sheet->revision->number)],
            ['Box', null === $this->plan->build->box ? 'none opened in Berm' : self::box($this->plan->build->box)],
            [ucfirst($job->function->connectorKind()->label()), null === $job->connector ? 'not chosen' : $job->connector->name.', '.$job->connector->maker.(null === $connector || '' === $connector->batch ? '' : ', batch '.$connector->batch)],
            ...(null === $job->site->weather->air || null === $job->site->weather->humidity ? [] : [['Air', $this->reader->temperature($job->site->weather->air).', '.$job->site->weather->humidity.' % relative humidity']]),
            ['Tools', [] === $this->plan->build->tools ? 'none named' : implode('; ', array_map(static fn (array $taken): string => self::tool($taken[0]), array_values($this->plan->build->tools)))],
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
        return array_map(fn (StoredEntry $stored): array => [
            (string) $stored->sequence,
            $stored->entry->at->format('j M Y, H:i'),
            $stored->entry->by,
            $this->event($stored->entry->event).(isset($this->plan->build->counting[$stored->entry->id]) ? '' : ' (withdrawn)'),
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
        $measured = $this->plan->build->cut($mark->place->end, $mark->place->cut, $mark->place->core);
        $judgement = $this->plan->build->judgementOf($mark);
        [$at, $window] = $this->target($mark);

        return [
            $mark->place->end->value.$mark->order.(null === $mark->place->core ? '' : ".$mark->place->core"),
            ucfirst($this->reader->word($mark->place->cut->layer()->label())),
            $at,
            $window,
            null === $measured ? '–' : $measured->reading->asTyped(),
            null === $measured ? '' : $measured->reading->instrument->label(),
            null === $judgement ? 'to do' : $this->verdict($judgement).($this->plan->build->isAccepted($mark) ? ', accepted' : ''),
        ];
    }

    /** @return array{string, string} */
    private function target(Mark $mark): array
    {
        if (LengthUnit::Inch === $this->reader->unit) {
            $inches = InchMark::of($mark->at, $mark->window());

            return ["$inches->at in", "$inches->from to $inches->to"];
        }
        $window = $mark->window();

        return [$this->reader->mark($mark->at), LengthFormat::millimetres($window->min ?? $mark->at, 2).' to '.LengthFormat::millimetres($window->max ?? $mark->at, 2)];
    }

    private function verdict(Judgement $judgement): string
    {
        return match ($judgement->verdict) {
            Verdict::Inside => 'inside',
            Verdict::NotProved => 'inside, not proved',
            Verdict::Out => 'out by '.$this->reader->fine($judgement->margin->absolute()),
        };
    }

    private function event(Event $event): string
    {
        $cut = fn (CutMeasured|DeviationAccepted $of): string => ucfirst($this->reader->word($of->cut->layer()->label())).', end '.$of->end->value.(null === $of->core ? '' : ", core $of->core");

        return $this->reader->say(Sentence::plain(match (true) {
            $event instanceof SafetyConfirmed => "Safe to start, permit $event->permit, confirmed by $event->confirmedBy",
            $event instanceof CutMeasured => $cut($event).": {$event->reading->asTyped()} by {$event->reading->instrument->label()}",
            $event instanceof DeviationAccepted => $cut($event).", let stand: $event->reason",
            $event instanceof PartParked => ($this->plan->job->sheet->parts[$event->part]->name ?? $event->part)." parked on end {$event->end->value}",
            $event instanceof ConnectorFitted => ucfirst($this->plan->job->function->connectorKind()->label()).' fitted'.('' === $event->batch ? '' : ", batch $event->batch"),
            $event instanceof CheckMade => $this->check($event->stage, $event->check, $event->where).': '.CheckInWords::answer($event),
            $event instanceof CheckAccepted => $this->check($event->stage, $event->check, $event->where).", let stand: $event->reason",
            $event instanceof StageFinished => "Finished: {$this->stage($event->stage)}",
            $event instanceof HoldReleased => "Hold point released: {$this->stage($event->stage)}",
            $event instanceof BoxOpened => 'Box opened: '.self::box($event),
            $event instanceof ToolTaken => 'Tool: '.self::tool($event->tool),
            $event instanceof Withdrawn => "An entry withdrawn: $event->reason",
            $event instanceof PlanChanged => "Plan changed: $event->summary",
            default => throw new \LogicException('every kind of event has its words'),
        }));
    }

    private static function tool(Tool $tool): string
    {
        return $tool->name.('' === $tool->serial ? '' : " ($tool->serial)").(null === $tool->calibratedUntil ? '' : ', calibrated until '.$tool->calibratedUntil->format('j M Y'));
    }

    private static function box(BoxOpened $box): string
    {
        $facts = [
            "item $box->item", '' === $box->batch ? '' : "batch $box->batch", '' === $box->serial ? '' : "serial $box->serial",
            null === $box->expiresOn ? '' : 'keeps until '.$box->expiresOn->format('j M Y'), [] === $box->missing ? 'complete' : 'missing: '.implode(', ', $box->missing),
        ];

        return implode(', ', array_filter($facts, static fn (string $fact): bool => '' !== $fact));
    }

    private function check(string $stage, string $check, Where $where): string
    {
        $asked = $this->plan->progress?->stage($stage)?->stage->check($check)->ask ?? $check;

        return $asked.('' === $where->label() ? '' : ", {$where->label()}");
    }

    private function stage(string $key): string
    {
        return $this->plan->progress?->stage($key)->stage->title ?? $key;
    }
}
