<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

/**
 * Every field of a sheet that is still blank, in the order of the text.
 *
 * @phpstan-import-type Document from Skeleton
 */
final class Blanks
{
    /** So many are asked at most; a sheet has some hundreds. */
    private const MOST = 1000;

    /** Of other lists nothing may be all that there is to say. */
    private const NEVER_EMPTY = [
        'places', 'mountings', 'insulations', 'metallicScreens', 'armours', 'sizes', 'stock', 'cuts', 'cases', 'items', 'stages', 'steps',
    ];

    /**
     * @param Document $sheet
     *
     * @return list<Question>
     */
    public static function of(array $sheet): array
    {
        $questions = [];
        $uses = Uses::in($sheet);
        foreach (self::within($sheet, []) as $keys) {
            $questions[] = Question::ofBlank(self::path($keys), About::the($sheet, $keys), Ask::for($keys, $uses));
            if (\count($questions) >= self::MOST) {
                break;
            }
        }

        return $questions;
    }

    /** What stands at the path of a problem is not wrong, but not said. */
    public static function has(mixed $sheet, string $path): bool
    {
        $at = $sheet;
        foreach (array_filter(explode('.', strtr($path, ['[' => '.', ']' => ''])), static fn (string $key): bool => '' !== $key) as $key) {
            if (!\is_array($at) || !\array_key_exists($key, $at)) {
                return false;
            }
            $at = $at[$key];
        }

        return '' !== $path && Blank::isAt($at);
    }

    /**
     * @param array<mixed>     $values
     * @param list<int|string> $keys
     *
     * @return \Generator<non-empty-list<int|string>>
     */
    private static function within(array $values, array $keys): \Generator
    {
        foreach ($values as $key => $value) {
            $here = [...$keys, $key];
            $isBlank = [] === $value ? 'sizes' !== $here[0] && \in_array($key, self::NEVER_EMPTY, true) : Blank::isAt($value);
            if ($isBlank) {
                yield $here;
            } elseif (\is_array($value) && \count($here) < 12) {
                yield from self::within($value, $here);
            }
        }
    }

    /** @param list<int|string> $keys */
    private static function path(array $keys): string
    {
        $path = '';
        foreach ($keys as $key) {
            $path .= \is_int($key) ? "[$key]" : ('' === $path ? '' : '.').$key;
        }

        return $path;
    }
}
