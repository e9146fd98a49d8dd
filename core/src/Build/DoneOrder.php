<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/**
 * A log in the order in which things were done, whatever order it arrived in: what was made without signal arrives late and belongs
 * where it was done. What arrived at once stays in the order of its arrival, also where the server's clock was set back meanwhile.
 */
final class DoneOrder
{
    /** When a queue is sent, each of its entries is a little longer on its way than the other; its author's own order is known. */
    private const ON_ITS_WAY = 60_000_000;

    /**
     * @param list<Entry> $log in the order in which it arrived
     *
     * @return list<Entry>
     */
    public static function of(array $log): array
    {
        if ([] === array_filter($log, static fn (Entry $entry): bool => null !== $entry->timing->doneAt)) {
            return $log;
        }
        $moments = self::inTheirAuthorsOrder($log, self::moments($log));
        $places = array_keys($log);
        usort($places, static fn (int $one, int $other): int => [$moments[$one], ...self::tie($log, $one)]
            <=> [$moments[$other], ...self::tie($log, $other)]);

        return array_map(static fn (int $place): Entry => $log[$place], $places);
    }

    /**
     * @param list<Entry> $log
     *
     * @return list<int> microseconds
     */
    private static function moments(array $log): array
    {
        $moments = [];
        $last = 0;
        foreach ($log as $entry) {
            $moment = (int) $entry->doneAt()->format('Uu');
            $moments[] = null === $entry->timing->doneAt ? $last = max($moment, $last + 1) : $moment;
        }

        return $moments;
    }

    /**
     * @param list<Entry> $log
     * @param list<int>   $moments
     *
     * @return array<int, int> by place in the log
     */
    private static function inTheirAuthorsOrder(array $log, array $moments): array
    {
        $places = array_filter(
            array_keys($log), static fn (int $place): bool => !$log[$place]->timing->isTold && self::isMadeInOrder($log[$place]),
        );
        usort($places, static fn (int $one, int $other): int => [$log[$one]->by, $log[$one]->id] <=> [$log[$other]->by, $log[$other]->id]);
        $before = null;
        foreach ($places as $place) {
            $ahead = null === $before || $log[$before]->by !== $log[$place]->by ? 0 : $moments[$before] + 1 - $moments[$place];
            if ($ahead > 0 && $ahead <= self::ON_ITS_WAY) {
                $moments[$place] += $ahead;
            }
            $before = $place;
        }

        return $moments;
    }

    /** A UUID of version 7: those of one device are in the order in which they were made (RFC 9562 §5.7). */
    private static function isMadeInOrder(Entry $entry): bool
    {
        return 1 === preg_match('/^[0-9a-f]{8}-[0-9a-f]{4}-7/', $entry->id);
    }

    /**
     * @param list<Entry> $log
     *
     * @return array{int, int|string} of those that were done at the same moment
     */
    private static function tie(array $log, int $place): array
    {
        return null === $log[$place]->timing->doneAt ? [0, $place] : [1, $log[$place]->id];
    }
}
