<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Kit\Nature;
use Berm\Core\Section\PlacedItem;

/**
 * How bodies are drawn where a sheet does not say a wall: such a part is shown as thick as its pattern needs, and what lies on it is lifted
 * by that. For drawings alone: no figure is told from it.
 *
 * @phpstan-type Stretch array{fromMm: float, toMm: float, insideMm: float, outsideMm: float}
 */
final class DrawnWalls
{
    /** Of the largest radius: thick enough to carry a pattern. */
    private const SHARE = 0.035;

    /** @var list<PlacedItem> without a wall that is said, in the order in which they are set */
    private array $beneath = [];

    public function __construct(private readonly float $largestRadius)
    {
    }

    /**
     * A part with a bore and a wall that nobody has said.
     *
     * @param list<Stretch> $outline
     */
    public static function isSaid(PlacedItem $placed, array $outline): bool
    {
        $isWhole = \in_array($placed->item->nature, [Nature::Tube, Nature::Body, Nature::Pushed, Nature::Moulded], true);
        $thick = array_filter($outline, static fn (array $one): bool => $one['outsideMm'] > $one['insideMm']);

        return !$isWhole || [] === $outline || [] !== $thick;
    }

    /**
     * The next item, in the order in which they are set.
     *
     * @param list<Stretch> $outline as it is known
     *
     * @return list<Stretch>|null null where it is drawn as it is known
     */
    public function next(PlacedItem $placed, array $outline): ?array
    {
        $isSaid = self::isSaid($placed, $outline);
        $beneath = array_filter(
            $this->beneath, static fn (PlacedItem $one): bool => $one->item->isPerCore === $placed->item->isPerCore,
        );
        if ($isSaid && [] === $beneath) {
            return null;
        }
        $wall = self::SHARE * $this->largestRadius;
        $drawn = [];
        foreach ($outline as $stretch) {
            foreach (self::split($stretch, $beneath) as $part) {
                $under = array_filter($beneath, static fn (PlacedItem $one): bool => $one->covers(
                    ($part['fromMm'] + $part['toMm']) / 2 * 1e6,
                ));
                $lift = $wall * \count($under);
                $drawn[] = [
                    ...$part, 'insideMm' => round($part['insideMm'] + $lift, 3),
                    'outsideMm' => round($part['outsideMm'] + $lift + ($isSaid ? 0.0 : $wall), 3),
                ];
            }
        }
        if (!$isSaid) {
            $this->beneath[] = $placed;
        }

        return $drawn;
    }

    /**
     * @param Stretch                $stretch
     * @param array<int, PlacedItem> $beneath
     *
     * @return list<Stretch> so that what lies beneath covers each whole or not at all
     */
    private static function split(array $stretch, array $beneath): array
    {
        $edges = [];
        foreach ($beneath as $one) {
            foreach ([$one->from->nominal->inMillimetres(), $one->to->nominal->inMillimetres()] as $edge) {
                $edges = $stretch['fromMm'] < $edge && $edge < $stretch['toMm'] ? [...$edges, $edge] : $edges;
            }
        }
        sort($edges);
        $parts = [];
        $from = $stretch['fromMm'];
        foreach ([...$edges, $stretch['toMm']] as $edge) {
            $parts[] = [...$stretch, 'fromMm' => $from, 'toMm' => $edge];
            $from = $edge;
        }

        return $parts;
    }
}
