<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\End;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Tool\Tool;

/** What the log adds up to: of each thing, the last entry that was not withdrawn. */
final readonly class BuildState
{
    /**
     * @param array<string, CutMeasured>                          $cuts           by place()
     * @param array<string, DeviationAccepted>                    $accepted       by place(), of the reading that counts
     * @param array<string, End>                                  $parked         by part key
     * @param array<string, Entry>                                $counting       by id, entries that were not withdrawn
     * @param array<string, array{CheckMade, \DateTimeImmutable}> $checks         by CheckMade::key(), with when it was made
     * @param array<string, CheckAccepted>                        $acceptedChecks by CheckAccepted::key(), of the answer that counts
     * @param array<string, \DateTimeImmutable>                   $finished       when each stage was finished, by stage key
     * @param array<string, true>                                 $released       hold points, by stage key
     * @param array<string, array{Tool, \DateTimeImmutable}>      $tools          presses and wrenches by id, and when each was named
     */
    private function __construct(
        public ?SafetyConfirmed $safety,
        public array $cuts,
        public array $accepted,
        public array $parked,
        public ?ConnectorFitted $connector,
        public array $counting,
        public array $checks = [],
        public array $acceptedChecks = [],
        public array $finished = [],
        public array $released = [],
        /** The box that was opened last. */
        public ?BoxOpened $box = null,
        public ?\DateTimeImmutable $boxOpenedAt = null,
        public array $tools = [],
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

    public function cut(End $end, Cut $cut, ?int $core = null): ?CutMeasured
    {
        return $this->cuts[self::place($end, $cut, $core)] ?? null;
    }

    public function isAccepted(Mark $mark): bool
    {
        return isset($this->accepted[self::place($mark->end, $mark->cut, $mark->core)]);
    }

    /** Null while the cut has not been measured. */
    public function judgementOf(Mark $mark): ?Judgement
    {
        $measured = $this->cut($mark->end, $mark->cut, $mark->core);

        return null === $measured ? null : Judgement::ofReading($measured->reading, $mark->window());
    }

    private function after(Entry $entry): self
    {
        $event = $entry->event;
        [$safety, $cuts, $accepted, $parked, $connector] = [$this->safety, $this->cuts, $this->accepted, $this->parked, $this->connector];
        [$checks, $acceptedChecks, $finished, $released] = [$this->checks, $this->acceptedChecks, $this->finished, $this->released];
        [$box, $boxOpenedAt, $tools] = [$this->box, $this->boxOpenedAt, $this->tools];
        if ($event instanceof SafetyConfirmed) {
            $safety = $event;
        } elseif ($event instanceof CutMeasured) {
            $cuts[self::place($event->end, $event->cut, $event->core)] = $event;
            unset($accepted[self::place($event->end, $event->cut, $event->core)]);
        } elseif ($event instanceof DeviationAccepted) {
            $accepted[self::place($event->end, $event->cut, $event->core)] = $event;
        } elseif ($event instanceof PartParked) {
            $parked[$event->part] = $event->end;
        } elseif ($event instanceof ConnectorFitted) {
            $connector = $event;
        } elseif ($event instanceof CheckMade) {
            $checks[$event->key()] = [$event, $entry->at];
            unset($acceptedChecks[$event->key()]);
        } elseif ($event instanceof CheckAccepted) {
            $acceptedChecks[$event->key()] = $event;
        } elseif ($event instanceof StageFinished) {
            $finished[$event->stage] = $entry->at;
        } elseif ($event instanceof HoldReleased) {
            $released[$event->stage] = true;
        } elseif ($event instanceof BoxOpened) {
            [$box, $boxOpenedAt] = [$event, $entry->at];
        } elseif ($event instanceof ToolTaken) {
            $tools[$event->tool->id] = [$event->tool, $entry->at];
        }

        return new self($safety, $cuts, $accepted, $parked, $connector, [...$this->counting, $entry->id => $entry], $checks, $acceptedChecks, $finished, $released, $box, $boxOpenedAt, $tools);
    }

    private static function place(End $end, Cut $cut, ?int $core): string
    {
        return $end->value.'/'.$cut->value.'/'.$core;
    }
}
