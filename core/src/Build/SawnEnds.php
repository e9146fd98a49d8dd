<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\End;
use Berm\Core\Quantity\Reading;

/** All that was sawn off the ends of a job, in the order of doing. @internal use BuildState */
final readonly class SawnEnds
{
    /**
     * @param list<Done<Shortens>> $all
     * @param array<string, int>   $order of every entry, by id
     */
    private function __construct(private array $all, private array $order)
    {
    }

    /** @param array<string, Entry> $counting by id, in the order of doing */
    public static function in(array $counting): self
    {
        $all = [];
        foreach ($counting as $entry) {
            $all = $entry->event instanceof Shortens ? [...$all, new Done($entry->event, $entry)] : $all;
        }

        return new self($all, [] === $all ? [] : array_flip(array_keys($counting)));
    }

    /** @return list<Reading> */
    public function off(End $end): array
    {
        return $this->readings($end, $this->all);
    }

    /** @return list<Reading> what was sawn off after an entry */
    public function since(Entry $entry, End $end): array
    {
        return [] === $this->all ? [] : $this->readings($end, array_values(array_filter(
            $this->all, fn (Done $one): bool => $this->order[$one->entry->id] > $this->order[$entry->id],
        )));
    }

    /**
     * @param list<Done<Shortens>> $of
     *
     * @return list<Reading>
     */
    private function readings(End $end, array $of): array
    {
        return array_values(array_filter(
            array_map(static fn (Done $one): ?Reading => $one->event->sawnOff($end), $of), static fn (?Reading $by): bool => null !== $by,
        ));
    }
}
