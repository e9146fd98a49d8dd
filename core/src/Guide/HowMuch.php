<?php

declare(strict_types=1);

namespace Berm\Core\Guide;

use Berm\Core\Job\Plan;
use Berm\Core\Kit\Words\StockInWords;
use Berm\Core\Material\Manner;
use Berm\Core\Profile\Coat;
use Berm\Core\Profile\Profile;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Materials;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Section;

/** What an item is made of, and of a wrap how many passes or turns for this very diameter, and what they take of the box. */
final class HowMuch
{
    /** @return list<Sentence> */
    public static function of(Plan $plan, Section $section, PlacedItem $placed): array
    {
        $stock = $plan->job->size->stock[$placed->item->stock] ?? null;
        if (null === $stock) {
            return [];
        }
        [$more, $values] = StockInWords::properties($stock);
        $of = Sentence::of("Of the {name}$more.", ['name' => lcfirst($stock->name), ...$values]);

        return [$of, ...self::wound($plan, $section, $placed)];
    }

    /** @return list<Sentence> */
    private static function wound(Plan $plan, Section $section, PlacedItem $placed): array
    {
        $assembly = $plan->assembly();
        $takes = null === $assembly ? null : Materials::lengthOf($assembly, $section, $placed);
        $coats = self::coats($section, $placed);
        $passes = self::most(static fn (Coat $coat): float => $coat->passes ?? 0.0, $coats);
        if (null === $takes || 0.0 === $passes) {
            return [];
        }
        $isRoll = Manner::Roll === $placed->item->winding?->manner;
        $many = rtrim(rtrim(number_format($passes, 1, '.', ''), '0'), '.');
        $what = $many.($isRoll ? ' turn' : ' pass').('1' === $many ? '' : ($isRoll ? 's' : 'es'));
        $across = Length::nearestToMillimetres(self::most(static fn (Coat $coat): float => $coat->outside, $coats));

        return [Sentence::of(
            "$what: about {takes} of it, and it comes to {across:fine} across.", ['takes' => self::whole($takes), 'across' => $across],
        )];
    }

    /** Nobody cuts a tape to a tenth: up to the next 5 mm. */
    private static function whole(Length $length): Length
    {
        return Length::ofMillimetres(5 * (int) ceil($length->inMillimetres() / 5));
    }

    /** @return list<Coat> */
    private static function coats(Section $section, PlacedItem $placed): array
    {
        $lane = $section->profile->lane($placed, $section->profile->core === $section->profile->cable);

        return array_map(static fn (array $under): Coat => $under[0]->coats[$under[1]], Profile::under($placed, $lane));
    }

    /**
     * @param \Closure(Coat): float $of
     * @param list<Coat>            $coats
     */
    private static function most(\Closure $of, array $coats): float
    {
        return [] === $coats ? 0.0 : max(array_map($of, $coats));
    }
}
