<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

/** Looks into a document that may be half written: what is not as it should be is not there. @internal */
final class Loose
{
    /** As many as a sheet may have of anything. */
    private const MOST = 500;

    /**
     * @param array<mixed> $of
     *
     * @return array<int, array<mixed>> the objects of a list, by their place in it
     */
    public static function entries(array $of, string $key): array
    {
        $list = $of[$key] ?? null;
        $entries = [];
        foreach (\is_array($list) && array_is_list($list) ? \array_slice($list, 0, self::MOST) : [] as $place => $entry) {
            if (\is_array($entry)) {
                $entries[$place] = $entry;
            }
        }

        return $entries;
    }

    /**
     * @param array<mixed> $of
     *
     * @return array<mixed> one object of a list
     */
    public static function entry(array $of, string $key, int|string $place): array
    {
        return self::object(self::object($of, $key), $place);
    }

    /**
     * @param array<mixed> $of
     *
     * @return array<mixed>
     */
    public static function object(array $of, int|string $key): array
    {
        return \is_array($of[$key] ?? null) ? $of[$key] : [];
    }

    /** @param array<mixed> $of */
    public static function text(array $of, string $key): ?string
    {
        $text = $of[$key] ?? null;

        return \is_string($text) && '' !== $text ? $text : null;
    }
}
