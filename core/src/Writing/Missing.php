<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

use Berm\Core\Saying\Sentence;

/**
 * What the skeleton has that a sheet begun from it has not, and that nobody has said to be left out.
 *
 * @internal use WrittenSheet
 *
 * @phpstan-import-type Document from Skeleton
 */
final class Missing
{
    private const PARTS = [
        'stock' => 'Accessories of this kind have it in the box: has this one none?',
        'items' => 'Accessories of this kind have it on the cable: has this one none?',
        'placeRules' => 'It is asked of accessories of this kind: is it not asked of this one?',
        'stages' => 'It is a stage of accessories of this kind: is there none?',
    ];

    /**
     * @param Document $sheet
     * @param Document $skeleton
     *
     * @return list<Question>
     */
    public static function of(array $sheet, array $skeleton): array
    {
        $without = array_filter(Loose::object(Loose::object($sheet, 'begun'), 'without'), \is_string(...));
        $questions = [];
        foreach (self::PARTS as $part => $ask) {
            [$own, $ofKind] = [self::entries($sheet, $part), self::entries($skeleton, $part)];
            $questions = [...$questions, ...self::inList($part, $part, $own, $ofKind, $ask)];
        }
        $stages = self::entries($sheet, 'stages');
        foreach (self::entries($skeleton, 'stages') as $key => [, $stage]) {
            if (isset($stages[$key])) {
                [$place, $own] = $stages[$key];
                $questions = [...$questions, ...self::inList(
                    "stages[$place].steps", "stages.$key", self::checks($own), self::checks($stage),
                    'It is checked of accessories of this kind: is it not checked here?',
                )];
            }
        }

        return array_values(array_filter(
            $questions, static fn (Question $one): bool => !\in_array($one->offer?->name, $without, true),
        ));
    }

    /**
     * @param array<string, array{int, array<mixed>}> $own
     * @param array<string, array{int, array<mixed>}> $ofKind
     *
     * @return list<Question>
     */
    private static function inList(string $path, string $name, array $own, array $ofKind, string $ask): array
    {
        $questions = [];
        $before = 0;
        foreach ($ofKind as $key => [, $entry]) {
            if (isset($own[$key])) {
                $before = $own[$key][0] + 1;
            } else {
                $questions[] = Question::ofMissing(
                    $path, self::called($entry), Sentence::plain($ask), new Offer($entry, $before, "$name.$key"),
                );
            }
        }

        return $questions;
    }

    /** @param array<mixed> $entry */
    private static function called(array $entry): Sentence
    {
        $said = Loose::text($entry, 'name') ?? Loose::text($entry, 'title') ?? Loose::text(Loose::object($entry, 'check'), 'ask');

        return Sentence::plain(ucfirst($said ?? Loose::text($entry, 'reason') ?? 'A part'));
    }

    /**
     * @param Document $sheet
     *
     * @return array<string, array{int, array<mixed>}> by key, with their place
     */
    private static function entries(array $sheet, string $part): array
    {
        $entries = [];
        foreach (Loose::entries($sheet, $part) as $place => $entry) {
            $key = Loose::text($entry, 'key');
            if (null !== $key) {
                $entries[$key] = [$place, $entry];
            }
        }

        return $entries;
    }

    /**
     * @param array<mixed> $stage
     *
     * @return array<string, array{int, array<mixed>}> the steps that check something, by the key of their check
     */
    private static function checks(array $stage): array
    {
        $checks = [];
        foreach (Loose::entries($stage, 'steps') as $place => $step) {
            $key = Loose::text(Loose::object($step, 'check'), 'key');
            if (null !== $key) {
                $checks[$key] = [$place, $step];
            }
        }

        return $checks;
    }
}
