<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Build\Event\CoreCutBack;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Cable\End;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Reading;

/** All that was sawn off the ends of a job, in the order of doing. @internal use BuildState */
final readonly class SawnEnds
{
    /**
     * @param list<Done<Shortens>>    $all
     * @param array<string, int>      $order of every entry, by id
     * @param list<Done<CoreCutBack>> $alone sawn off one core, since its end was sawn off through the sheath
     */
    private function __construct(private array $all, private array $order, private array $alone)
    {
    }

    /** @param array<string, Entry> $counting by id, in the order of doing */
    public static function in(array $counting): self
    {
        $all = $alone = [];
        foreach ($counting as $entry) {
            $event = $entry->event;
            if (!$event instanceof Shortens) {
                continue;
            }
            $alone = $event instanceof CoreCutBack ? [...$alone, new Done($event, $entry)] : array_values(array_filter(
                $alone, static fn (Done $one): bool => !self::goesThroughSheath($event, $one->event->end, $entry, $counting),
            ));
            $all[] = new Done($event, $entry);
        }

        return new self($all, array_flip(array_keys($counting)), $alone);
    }

    /**
     * All cores of the end are alike again.
     *
     * @param array<string, Entry> $counting
     */
    private static function goesThroughSheath(Shortens $event, End $end, Entry $at, array $counting): bool
    {
        $sheath = null;
        $place = MarkPlace::of($end, Cut::Oversheath);
        foreach ($counting as $entry) {
            if ($entry === $at) {
                break;
            }
            $sheath = match (true) {
                $entry->event instanceof Shortens => $sheath?->minus(
                    $entry->event->sawnOff($end, null)->value ?? Length::ofNanometres(0),
                ),
                $entry->event instanceof CutMeasured && $entry->event->place->equals($place) => $entry->event->reading->value,
                default => $sheath,
            };
        }

        return true === $sheath?->isAtMost($event->sawnOff($end, null)->value ?? Length::ofNanometres(0));
    }

    /** @return list<Reading> of all cores */
    public function off(End $end): array
    {
        return self::readings($end, null, $this->all);
    }

    /** @return list<Reading> what was sawn off a place after an entry */
    public function since(Entry $entry, MarkPlace $place): array
    {
        return [] === $this->all ? [] : self::readings($place->end, $place->core, array_values(array_filter(
            $this->all, fn (Done $one): bool => $this->order[$one->entry->id] > $this->order[$entry->id],
        )));
    }

    public function isAfter(Entry $entry, Entry $other): bool
    {
        return $this->order[$entry->id] > $this->order[$other->id];
    }

    /** @return list<Reading> by which one core is shorter than the others */
    public function alone(End $end, int $core): array
    {
        return self::readings($end, $core, $this->alone);
    }

    public function areUnequal(): bool
    {
        return [] !== $this->alone;
    }

    /**
     * @template S of Shortens
     *
     * @param list<Done<S>> $of
     *
     * @return list<Reading>
     */
    private static function readings(End $end, ?int $core, array $of): array
    {
        return array_values(array_filter(
            array_map(static fn (Done $one): ?Reading => $one->event->sawnOff($end, $core), $of),
            static fn (?Reading $by): bool => null !== $by,
        ));
    }
}
