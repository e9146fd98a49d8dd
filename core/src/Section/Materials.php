<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Build\BuildState;
use Berm\Core\Build\WorkInWords;
use Berm\Core\Cable\Where;
use Berm\Core\Kit\Nature;
use Berm\Core\Kit\Property;
use Berm\Core\Kit\Stock;
use Berm\Core\Material\Manner;
use Berm\Core\Material\Requirement;
use Berm\Core\Material\Strip;
use Berm\Core\Profile\Profile;
use Berm\Core\Profile\ProfileBuilder;
use Berm\Core\Quantity\Length;

/** Adds up what the items of an accessory take of each stock. */
final readonly class Materials
{
    private function __construct(private Assembly $assembly, private Section $section, private BuildState $build)
    {
    }

    /** @return list<Requirement> of every stock that some item takes, in the order of the sheet */
    public static function of(Assembly $assembly, Section $section, BuildState $build): array
    {
        $materials = new self($assembly, $section, $build);
        $requirements = array_map($materials->ofStock(...), array_values($assembly->size->stock));

        return array_values(array_filter($requirements, static fn (?Requirement $one): bool => null !== $one));
    }

    /** What one piece of a wrap takes, as supplied; null of what is not wound. */
    public static function lengthOf(Assembly $assembly, Section $section, PlacedItem $placed): ?Length
    {
        $stock = $assembly->size->stockOf($placed->item);
        $strip = null === $placed->item->winding || null === $stock ? null : ProfileBuilder::stripOf($stock, $placed->item->winding);

        return null === $strip ? null : Length::nearestToMillimetres(
            (new self($assembly, $section, BuildState::nothingDone()))->ofStrip($placed, $strip),
        );
    }

    private function ofStock(Stock $stock): ?Requirement
    {
        $takers = array_values(array_filter($this->section->items, static fn (PlacedItem $one): bool => $one->item->stock === $stock->key
            && '' === $one->item->partOf));
        if ([] === $takers) {
            return null;
        }
        $names = array_values(array_unique(array_map(static fn (PlacedItem $one): string => $one->item->name, $takers)));
        $count = ($stock->count ?? $this->assembly->sheet->places($stock)) + $this->build->piecesTaken($stock->key);
        $lengths = array_map(fn (PlacedItem $one): ?float => $this->wound($one, $stock), $takers);
        $known = array_filter($lengths, static fn (?float $length): bool => null !== $length);
        if ([] !== $known) {
            return Requirement::ofLength($stock, Length::nearestToMillimetres(array_sum($known)), $count, $names);
        }
        $pieces = array_sum(array_map(fn (PlacedItem $one): int => $this->pieces($one, $count, $stock), $takers));

        return Requirement::ofPieces(
            $stock, $pieces + $this->lost($takers), $count, $names, array_merge([], ...array_map($this->where(...), $takers)),
        );
    }

    /**
     * What was shrunk, or let shrink on, and came off again.
     *
     * @param list<PlacedItem> $takers
     */
    private function lost(array $takers): int
    {
        $lost = [];
        foreach ($takers as $placed) {
            $isLost = WorkInWords::isLost($placed->item, $this->assembly->sheet);
            $lost[$placed->item->key] = $isLost ? $this->build->timesTakenOff($placed->item->key) : 0;
        }

        return array_sum($lost);
    }

    /** @return list<string> one, or one for each core */
    private function where(PlacedItem $placed): array
    {
        $isOnCores = $placed->item->isPerCore && $this->assembly->cores() > 1;
        $name = lcfirst($placed->item->name);

        return array_map(
            static fn (?int $core): string => $name.Where::of($placed->end, $core)->after(),
            $isOnCores ? range(1, $this->assembly->cores()) : [null],
        );
    }

    /** On every core that has it, and once more for each that came off again; in mm as supplied; null of what is not wound. */
    private function wound(PlacedItem $placed, Stock $stock): ?float
    {
        $winding = $placed->item->winding;
        $strip = null === $winding ? null : ProfileBuilder::stripOf($stock, $winding);

        $times = $this->cores($placed) + $this->build->timesTakenOff($placed->item->key, $placed->end);

        return null === $strip ? null : $times * $this->ofStrip($placed, $strip);
    }

    private function ofStrip(PlacedItem $placed, Strip $strip): float
    {
        $sum = 0.0;
        $isOneCore = 1 === $this->assembly->cores();
        $under = Profile::under($placed, $this->section->profile->lane($placed, $isOneCore));
        foreach ($under as [$stretch, $depth]) {
            $coat = $stretch->coats[$depth];
            $part = $stretch->length() / max(1, $placed->to->nominal->nanometres - $placed->from->nominal->nanometres);
            $length = $stretch->length() / 1e6;
            $sum += $strip->supplied($coat->beneath, $coat->passes ?? 0.0, $length) * (Manner::Roll === $strip->manner ? $part : 1.0);
        }

        return $sum;
    }

    /** What is spread comes out of a pack: all of it, or as much as it takes. */
    private function pieces(PlacedItem $placed, int $count, Stock $stock): int
    {
        $isZone = Nature::Zone === $placed->item->nature;

        return match (true) {
            $isZone && true === $stock->property(Property::UseAll) => $count,
            $isZone => 0,
            default => $this->cores($placed),
        };
    }

    private function cores(PlacedItem $placed): int
    {
        return $placed->item->isPerCore ? $this->assembly->cores() : 1;
    }
}
