<?php

declare(strict_types=1);

namespace Berm\Core\Profile;

use Berm\Core\Section\PlacedItem;

/** How thick it is all along: of one core, and of the cable as a whole where it has three. */
final readonly class Profile
{
    /**
     * @param list<Stretch> $core  along the axis
     * @param list<Stretch> $cable the same as the core where there is but one
     */
    public function __construct(public array $core, public array $cable)
    {
    }

    /** @return list<Stretch> those of the lane that it lies in */
    public function lane(PlacedItem $placed, bool $isOfOneCore): array
    {
        return $isOfOneCore || $placed->item->isPerCore ? $this->core : $this->cable;
    }

    /**
     * @param list<Stretch> $lane
     *
     * @return list<array{Stretch, int}> the stretches that it lies on, each with how many coats lie beneath it there
     */
    public static function under(PlacedItem $placed, array $lane): array
    {
        $under = [];
        foreach ($lane as $stretch) {
            foreach ($stretch->coats as $i => $coat) {
                if ($coat->placed === $placed) {
                    $under[] = [$stretch, $i];
                }
            }
        }

        return $under;
    }

    /**
     * @param list<Stretch> $lane
     *
     * @return Stretch|null the one that a place lies in; of two that meet there, the later
     */
    public static function at(float $nanometres, array $lane): ?Stretch
    {
        $found = null;
        foreach ($lane as $stretch) {
            $found = $stretch->from <= $nanometres && $nanometres <= $stretch->to ? $stretch : $found;
        }

        return $found;
    }
}
