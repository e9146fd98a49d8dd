<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

/**
 * What differs between two answers of the same shape: where, and what is there now. Whoever has the first one and sets each value at its
 * place has the second. Where much differs, what is there is said whole: many places take more to say than what lies at them.
 */
final class Changes
{
    /**
     * @param array<mixed> $before
     * @param array<mixed> $after
     *
     * @return list<array{at: list<string|int>, value: mixed}>
     */
    public static function between(array $before, array $after): array
    {
        return self::at([], $before, $after);
    }

    /**
     * @param list<string|int> $path
     *
     * @return list<array{at: list<string|int>, value: mixed}>
     */
    private static function at(array $path, mixed $before, mixed $after): array
    {
        if (self::plain($before) === self::plain($after)) {
            return [];
        }
        if (!\is_array($before) || !\is_array($after) || !self::isSameShape($before, $after)) {
            return [['at' => $path, 'value' => $after]];
        }
        $changes = [];
        foreach ($after as $key => $value) {
            $changes = \array_key_exists($key, $before)
                ? [...$changes, ...self::at([...$path, $key], $before[$key], $value)]
                : [...$changes, ['at' => [...$path, $key], 'value' => $value]];
        }

        return [] !== $path && \strlen(self::plain($changes)) > \strlen(self::plain($after))
            ? [['at' => $path, 'value' => $after]]
            : $changes;
    }

    /**
     * A list may have grown at its end; an object has the same keys.
     *
     * @param array<mixed> $before
     * @param array<mixed> $after
     */
    private static function isSameShape(array $before, array $after): bool
    {
        return array_is_list($before) === array_is_list($after)
            && (array_is_list($before) ? [] !== $before && \count($before) <= \count($after) : array_keys($before) === array_keys($after));
    }

    private static function plain(mixed $value): string
    {
        return json_encode($value, \JSON_THROW_ON_ERROR);
    }
}
