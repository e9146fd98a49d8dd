<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Margin\Locus;

/** Items that together cover a stretch. @internal */
final class Chain
{
    /**
     * Of all ways from one place to the other, item by item, the one whose shortest lap is longest: where a stretch stays bare, that is
     * the gap.
     *
     * @param list<PlacedItem> $covering
     *
     * @return non-empty-list<Link>
     */
    public static function of(Locus $from, Locus $to, array $covering): array
    {
        usort(
            $covering,
            static fn (PlacedItem $one, PlacedItem $other): int => $one->to->nominal->nanometres <=> $other->to->nominal->nanometres,
        );
        $shortest = $before = [];
        foreach ($covering as $i => $item) {
            [$shortest[$i], $before[$i]] = [$from->nominal->nanometres - $item->from->nominal->nanometres, null];
            for ($j = 0; $j < $i; ++$j) {
                $lap = min($shortest[$j], $covering[$j]->to->nominal->nanometres - $item->from->nominal->nanometres);
                if ($lap > $shortest[$i]) {
                    [$shortest[$i], $before[$i]] = [$lap, $j];
                }
            }
        }
        $last = null;
        $longest = $from->nominal->nanometres - $to->nominal->nanometres;
        foreach ($covering as $i => $item) {
            $lap = min($shortest[$i], $item->to->nominal->nanometres - $to->nominal->nanometres);
            if ($lap > $longest) {
                [$longest, $last] = [$lap, $i];
            }
        }

        return self::links($from, $to, self::way($covering, $before, $last));
    }

    /**
     * @param list<PlacedItem>     $covering
     * @param array<int, int|null> $before
     *
     * @return list<PlacedItem> in the order of the axis
     */
    private static function way(array $covering, array $before, ?int $last): array
    {
        $way = [];
        for ($i = $last; null !== $i; $i = $before[$i]) {
            array_unshift($way, $covering[$i]);
        }

        return $way;
    }

    /**
     * @param list<PlacedItem> $way
     *
     * @return non-empty-list<Link>
     */
    private static function links(Locus $from, Locus $to, array $way): array
    {
        $links = [];
        $before = null;
        $reached = $from;
        foreach ($way as $next) {
            $links[] = new Link($before, $next, $reached->minus($next->from));
            [$before, $reached] = [$next, $next->to];
        }

        return [...$links, new Link($before, null, $reached->minus($to))];
    }
}
