<?php

declare(strict_types=1);

namespace Berm\Core\File;

/**
 * Finds a key that stands twice in one object of a JSON text: which of the two is meant, nobody can tell. @internal use Fields::readText()
 */
final class KeysOnce
{
    /**
     * @param string $json that can be decoded
     *
     * @return string|null the first key that stands twice
     */
    public static function firstTwice(string $json): ?string
    {
        $open = [];
        $last = null;
        preg_match_all('/"(?:[^"\\\\]|\\\\.)*"|[{}\[\]:,]/s', $json, $tokens);
        foreach ($tokens[0] as $token) {
            $depth = \count($open) - 1;
            match ($token) {
                '{', '[' => $open[] = [],
                '}', ']' => array_pop($open),
                default => null,
            };
            if (':' === $token && null !== $last) {
                // As it is meant: "\u0061" is "a".
                $meant = json_decode($last);
                $key = \is_string($meant) ? $meant : '';
                if (isset($open[$depth]["k$key"])) {
                    return $key;
                }
                $open[$depth]["k$key"] = true;
            }
            $last = '"' === $token[0] ? $token : null;
        }

        return null;
    }
}
