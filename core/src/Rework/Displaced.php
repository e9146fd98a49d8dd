<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\CoreCutBack;
use Berm\Core\Build\Event\CutOut;
use Berm\Core\Build\Event\MarkMoved;
use Berm\Core\Build\Shortens;
use Berm\Core\Build\Task;
use Berm\Core\Build\WorkKind;
use Berm\Core\Cable\End;
use Berm\Core\CoreError;
use Berm\Core\Job\Assembled;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Nature;
use Berm\Core\Quantity\Length;

/** What is set does not move with the end: it may be planned elsewhere, once the end is shorter, than where it lies. */
final readonly class Displaced
{
    /** @var list<End> */
    private array $ends;

    private function __construct(private Plan $before, private Marked $after, private Shortens|MarkMoved $event)
    {
        $this->ends = array_values(array_filter(
            End::cases(), static fn (End $end): bool => $event instanceof MarkMoved
                ? $event->isOn($end) : null !== $event->sawnOff($end, self::core($event)),
        ));
    }

    public static function of(Plan $before, Marked $after, Shortens|MarkMoved $event): self
    {
        return new self($before, $after, $event);
    }

    /**
     * What has to come off. What was cleaned or folded is cleaned and folded once more.
     *
     * @param list<Task> $after what is done after a cut that is made again
     *
     * @return list<Item>
     */
    public function items(array $after): array
    {
        $items = [];
        foreach ($this->set() as $set) {
            $item = $this->before->sheet?->items[$set->place->part] ?? null;
            if (null === $item || \in_array($item->nature, [Nature::Zone, Nature::Layer], true)) {
                continue;
            }
            $isInTheWay = WorkKind::Set === $set->place->how && \in_array($this->before->progress?->work($set->place), $after, true);
            $isGone = $this->event instanceof CutOut && Untrue::restsOnConnector($set, $this->before);
            $items = !$isGone && ($isInTheWay || $this->has($set)) ? [...$items, $item] : $items;
        }

        return $items;
    }

    /** @return list<Applied> what was done and still holds */
    private function set(): array
    {
        $set = [];
        foreach ($this->before->build->counting as $id => $entry) {
            $isSet = $entry->event instanceof Applied && !isset($this->before->build->fallen[$id])
                && null !== $this->before->build->applied($entry->event->place);
            $set = $isSet ? [...$set, $entry->event] : $set;
        }

        return $set;
    }

    private static function core(Shortens|MarkMoved $event): ?int
    {
        return $event instanceof CoreCutBack ? $event->core : null;
    }

    public function has(Applied $set): bool
    {
        $core = self::core($this->event);
        if (null !== $core && $core !== ($set->place->where->core ?? $core)) {
            return false;
        }
        $item = WorkKind::Set === $set->place->how ? $this->before->sheet?->items[$set->place->part] ?? null : null;
        foreach ($this->ends as $end) {
            $isHere = null === $set->place->where->end || $set->place->where->end === $end;
            if (null !== $item && $isHere && $this->isElsewhere($item, $end, $set->place->where->core ?? $core ?? 1)) {
                return true;
            }
        }

        return false;
    }

    private function isElsewhere(Item $item, End $end, int $core): bool
    {
        $before = Assembled::of($this->before->job)->measuring($this->before->build)?->places($core);
        $after = $this->after->places($core);
        $off = $this->event instanceof MarkMoved ? null : $this->event->sawnOff($end, $core)?->value;
        try {
            $was = $before?->edges($item, $end)[0]->nominal->minus($off ?? Length::ofNanometres(0));
            $is = $after?->edges($item, $end)[0]->nominal;
        } catch (CoreError) {
            return true;
        }

        return null === $was || null === $is || Length::ofMicrometres(100)->isLessThan($was->minus($is)->absolute());
    }
}
