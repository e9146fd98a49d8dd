<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Quantity\Temperature;
use Berm\Core\Saying\Sentence;
use Berm\Core\Site\Mounting;
use Berm\Core\Site\Place;
use Berm\Core\Site\Site;

/** May this kit be installed there, this way up, in this weather? Nothing is said where the leaflet says nothing. */
final class SiteFit
{
    /** @return list<Finding> */
    public static function judge(Site $site, KitKinds $kit): array
    {
        return [
            ...self::place($site, $kit->places),
            ...self::mounting($site, $kit->mountings),
            ...self::temperature($site->weather->air, $kit->coldest, $kit->warmest),
        ];
    }

    /**
     * @param list<Place> $places
     *
     * @return list<Finding>
     */
    private static function place(Site $site, array $places): array
    {
        $taken = implode(' or ', array_map(static fn (Place $place): string => $place->label(), $places));

        return match (true) {
            [] === $places => [],
            null === $site->place => [Finding::undecided(
                Criterion::Place, null, Sentence::plain("Say where it will be: the kit may be used $taken."),
            )],
            \in_array($site->place, $places, true) => [Finding::fits(
                Criterion::Place, null, Sentence::plain("The kit may be used {$site->place->label()}."),
            )],
            default => [Finding::refused(
                Criterion::Place, null, Sentence::plain("It will be {$site->place->label()}; the kit may be used $taken."),
            )],
        };
    }

    /**
     * @param list<Mounting> $mountings
     *
     * @return list<Finding> upright, unless somebody says otherwise
     */
    private static function mounting(Site $site, array $mountings): array
    {
        $is = $site->mounting ?? Mounting::Upright;

        return match (true) {
            [] === $mountings => [],
            \in_array($is, $mountings, true) => [Finding::fits(
                Criterion::Mounting, null, Sentence::plain("The kit may stand $is->value."),
            )],
            default => [Finding::refused(Criterion::Mounting, null, Sentence::plain("It will stand $is->value; the kit is not for that."))],
        };
    }

    /** @return list<Finding> */
    private static function temperature(?Temperature $air, ?Temperature $coldest, ?Temperature $warmest): array
    {
        if (null === $air || null === $coldest && null === $warmest) {
            return [];
        }
        $values = array_filter(['air' => $air, 'coldest' => $coldest, 'warmest' => $warmest], static fn ($value): bool => null !== $value);

        return match (true) {
            null !== $coldest && $air->celsius < $coldest->celsius => [Finding::refused(
                Criterion::InstallationTemperature,
                null,
                Sentence::of('The air has {air}; the kit may be installed from {coldest}. Warm the place and the kit first.', $values),
            )],
            null !== $warmest && $air->celsius > $warmest->celsius => [Finding::refused(
                Criterion::InstallationTemperature,
                null,
                Sentence::of('The air has {air}; the kit may be installed up to {warmest}.', $values),
            )],
            default => [Finding::fits(
                Criterion::InstallationTemperature, null, Sentence::of('The kit may be installed at {air}.', $values),
            )],
        };
    }
}
