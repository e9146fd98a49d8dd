<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

/**
 * A half-written sheet with the figures of another of its kind where it says nothing yet: so that it can be drawn, and for nothing else.
 *
 * @phpstan-import-type Document from Skeleton
 */
final class StandIns
{
    /**
     * @param Document $sheet
     * @param Document $like  a sound sheet of the same kind
     *
     * @return Document
     */
    public static function in(array $sheet, array $like): array
    {
        $filled = [];
        foreach ($sheet as $key => $value) {
            $other = $like[$key] ?? null;
            $filled[$key] = match (true) {
                Blank::isAt($value) => $other ?? $value,
                \is_array($value) && \is_array($other) => self::within($value, $other),
                default => $value,
            };
        }

        return $filled;
    }

    /**
     * @param Document $like
     *
     * @return Document with the size that is called so before the others: sizes stand in for sizes by their places
     */
    public static function withSizeFirst(array $like, string $label): array
    {
        $sizes = Loose::entries($like, 'sizes');
        $isIt = static fn (array $size): bool => $label === ($size['label'] ?? '');
        usort($sizes, static fn (array $one, array $other): int => $isIt($other) <=> $isIt($one));

        return [] === $sizes ? $like : [...$like, 'sizes' => $sizes];
    }

    /**
     * @param array<mixed> $value
     * @param array<mixed> $other
     *
     * @return array<mixed>
     */
    private static function within(array $value, array $other): array
    {
        if (!array_is_list($value)) {
            return self::in($value, $other);
        }
        $filled = [];
        foreach ($value as $place => $entry) {
            $like = \is_array($entry) ? self::counterpart($entry, $place, $other) : null;
            $filled[] = \is_array($entry) && null !== $like ? self::in($entry, $like) : $entry;
        }

        return $filled;
    }

    /**
     * The entry that is called the same; of sizes, which every maker calls otherwise, and of what has no name, the one at its place.
     *
     * @param array<mixed> $entry
     * @param array<mixed> $others
     *
     * @return array<mixed>|null
     */
    private static function counterpart(array $entry, int $place, array $others): ?array
    {
        $name = self::nameOf($entry);
        // Two branches may have checks of one key: first the one at its own place.
        foreach ([$others[$place] ?? null, ...$others] as $other) {
            if (null !== $name && \is_array($other) && self::nameOf($other) === $name) {
                return $other;
            }
        }
        $other = $others[$place] ?? (\array_key_exists('label', $entry) ? $others[0] ?? null : null);

        return null === $name && \is_array($other) && null === self::nameOf($other) ? $other : null;
    }

    /** @param array<mixed> $entry */
    private static function nameOf(array $entry): ?string
    {
        return Loose::text($entry, 'key') ?? Loose::text($entry, 'cut') ?? Loose::text(Loose::object($entry, 'check'), 'key')
            ?? Loose::text($entry, 'set') ?? Loose::text($entry, 'say');
    }
}
