<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\End;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Judgement;

/** What the log adds up to: of each thing, the last entry that was not withdrawn. */
final readonly class BuildState
{
    /**
     * @param array<string, CutMeasured>       $cuts     by place()
     * @param array<string, DeviationAccepted> $accepted by place(), of the reading that counts
     * @param array<string, End>               $parked   by part key
     * @param array<string, Entry>             $counting by id, entries that were not withdrawn
     */
    private function __construct(
        public ?SafetyConfirmed $safety,
        public array $cuts,
        public array $accepted,
        public array $parked,
        public ?ConnectorFitted $connector,
        public array $counting,
    ) {
    }

    /** @param list<Entry> $log in the order in which it was written */
    public static function fold(array $log): self
    {
        $withdrawn = [];
        foreach ($log as $entry) {
            $withdrawn = $entry->event instanceof Withdrawn ? [...$withdrawn, $entry->event->entryId => true] : $withdrawn;
        }
        $state = new self(null, [], [], [], null, []);
        foreach ($log as $entry) {
            $state = isset($withdrawn[$entry->id]) ? $state : $state->after($entry);
        }

        return $state;
    }

    public static function nothingDone(): self
    {
        return self::fold([]);
    }

    public function cut(End $end, Cut $cut): ?CutMeasured
    {
        return $this->cuts[self::place($end, $cut)] ?? null;
    }

    public function isAccepted(End $end, Cut $cut): bool
    {
        return isset($this->accepted[self::place($end, $cut)]);
    }

    /** Null while the cut has not been measured. */
    public function judgementOf(Mark $mark): ?Judgement
    {
        $measured = $this->cut($mark->end, $mark->cut);

        return null === $measured ? null : Judgement::ofReading($measured->reading, $mark->window());
    }

    private function after(Entry $entry): self
    {
        $event = $entry->event;
        [$safety, $cuts, $accepted, $parked, $connector] = [$this->safety, $this->cuts, $this->accepted, $this->parked, $this->connector];
        if ($event instanceof SafetyConfirmed) {
            $safety = $event;
        } elseif ($event instanceof CutMeasured) {
            $cuts[self::place($event->end, $event->cut)] = $event;
            unset($accepted[self::place($event->end, $event->cut)]);
        } elseif ($event instanceof DeviationAccepted) {
            $accepted[self::place($event->end, $event->cut)] = $event;
        } elseif ($event instanceof PartParked) {
            $parked[$event->part] = $event->end;
        } elseif ($event instanceof ConnectorFitted) {
            $connector = $event;
        }

        return new self($safety, $cuts, $accepted, $parked, $connector, [...$this->counting, $entry->id => $entry]);
    }

    private static function place(End $end, Cut $cut): string
    {
        return $end->value.'/'.$cut->value;
    }
}
