<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Takes;
use Berm\Core\Saying\Sentence;
use Berm\Core\Site\Place;

/** What a kit is for, and how it keeps. @internal use SheetInWords::of() */
final class ApplicationInWords
{
    private const HEADING = 'What it is for';

    /** @return list<Rule> */
    public static function of(KitSheet $sheet): array
    {
        $application = $sheet->application;
        $first = $sheet->takes[array_key_first($sheet->takes)];
        $what = "{$sheet->name} by {$sheet->maker}: a {$application->technology->value} [{$application->function->label()}] for {$first->cores->label()}, up to {$application->voltage->label}.";

        return [
            new Rule('for/what', self::HEADING, Sentence::plain($what)),
            ...('' === $sheet->leaflet ? [] : [new Rule(
                'for/leaflet', self::HEADING, Sentence::of(
                    'Written from the leaflet of edition {edition}.', ['edition' => $sheet->leaflet],
                ),
            )]),
            ...array_merge(...array_map(
                static fn (string $end, Takes $takes): array => self::takes(
                    $takes, isset($sheet->takes['B']) ? "End $end: " : '', isset($sheet->takes['B']) && 'B' === $end ? 'b-' : '',
                ),
                array_keys($sheet->takes),
                array_values($sheet->takes),
            )),
            ...self::place($sheet),
            ...self::shelf($sheet),
        ];
    }

    /** @return list<Rule> */
    private static function takes(Takes $takes, string $start, string $prefix): array
    {
        $insulations = implode(
            ', ', array_map(static fn (InsulationMaterial $material): string => $material->label(), $takes->insulations),
        );
        $screens = implode(', ', array_map(static fn (MetallicScreen $screen): string => $screen->label(), $takes->screens));
        $armours = implode(', ', array_map(static fn (Armour $armour): string => $armour->label(), $takes->armours));

        return [
            ...('' === $prefix ? [] : [new Rule("for/{$prefix}cores", self::HEADING, Sentence::plain("$start{$takes->cores->label()}."))]),
            new Rule(
                "for/{$prefix}insulation",
                self::HEADING,
                Sentence::of($start.('' === $start ? 'Insulation' : 'insulation').': {taken}.', ['taken' => $insulations]),
            ),
            new Rule(
                "for/{$prefix}screen",
                self::HEADING,
                Sentence::of($start.('' === $start ? '[Metallic screen]' : '[metallic screen]').': {taken}.', ['taken' => $screens]),
            ),
            ...([Armour::None] === $takes->armours ? [] : [new Rule(
                "for/{$prefix}armour",
                self::HEADING,
                Sentence::of($start.('' === $start ? '[Armour]' : '[armour]').': {taken}.', ['taken' => $armours]),
            )]),
        ];
    }

    /** @return list<Rule> */
    private static function place(KitSheet $sheet): array
    {
        $places = implode(', ', array_map(static fn (Place $place): string => $place->label(), $sheet->application->places));
        $mountings = implode(' or ', array_map(static fn ($mounting): string => $mounting->value, $sheet->application->mountings));

        return '' === $places && '' === $mountings ? [] : [new Rule(
            'for/place',
            self::HEADING,
            Sentence::plain(
                ucfirst(implode('; ', array_filter([$places, $mountings], static fn (string $part): bool => '' !== $part))).'.',
            ),
        )];
    }

    /** @return list<Rule> */
    private static function shelf(KitSheet $sheet): array
    {
        $shelf = $sheet->shelf;

        return [
            ...(null === $shelf->months ? [] : [new Rule(
                'shelf/life', 'How it keeps', Sentence::plain("Keeps $shelf->months months from its date of manufacture."),
            )]),
            ...('' === $shelf->storage ? [] : [new Rule('shelf/storage', 'How it keeps', Sentence::plain($shelf->storage))]),
            ...(null === $shelf->coldestInstallation ? [] : [new Rule(
                'shelf/coldest', 'How it keeps', Sentence::of('Installed from {least} on.', ['least' => $shelf->coldestInstallation]),
            )]),
            ...(null === $shelf->warmestInstallation ? [] : [new Rule(
                'shelf/warmest', 'How it keeps', Sentence::of('Installed up to {most}.', ['most' => $shelf->warmestInstallation]),
            )]),
        ];
    }
}
