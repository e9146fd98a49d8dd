<?php

declare(strict_types=1);

namespace Berm\Core\Stores;

/** Takes a GS1 element string apart. Source: GS1 General Specifications, sections 3 and 7.8. @internal use Label::read() */
final class ElementString
{
    /** Of a fixed number of digits; no separator follows them. */
    private const FIXED = ['01' => 14, '11' => 6, '17' => 6];
    private const NAMES = ['01' => 'item', '10' => 'batch', '11' => 'made', '17' => 'expires', '21' => 'serial'];
    /** Of 1 to 20 characters, ended by FNC1 or by the end of the label. */
    private const VARIABLE = ['10', '21'];

    /** @return array<string, string> by name @throws UnreadableLabel */
    public static function read(string $text): array
    {
        // "]C1", "]d2", "]Q3", "]e0": what kind of bars the reader saw.
        $plain = (string) preg_replace('/\A\](?:C1|d2|Q3|e0)/', '', trim($text, " \n\r\t"));
        $plain = str_replace(['<GS>', '{FNC1}'], "\x1D", $plain);
        if ('' === $plain) {
            throw UnreadableLabel::empty();
        }

        return str_starts_with($plain, '(') ? self::bracketed($plain) : self::bare($plain);
    }

    /** @return array<string, string> */
    private static function bracketed(string $text): array
    {
        $elements = [];
        $rest = $text;
        while ('' !== $rest) {
            if (1 !== preg_match('/\A\((\d{2,4})\)([^(\x1D]*)\x1D?/', $rest, $parts)) {
                throw UnreadableLabel::unknownElement($rest);
            }
            $elements = self::with($elements, $parts[1], trim($parts[2]), $rest);
            $rest = substr($rest, \strlen($parts[0]));
        }

        return $elements;
    }

    /** @return array<string, string> */
    private static function bare(string $text): array
    {
        $elements = [];
        $rest = ltrim($text, "\x1D");
        while ('' !== $rest) {
            $identifier = substr($rest, 0, 2);
            $length = self::FIXED[$identifier] ?? strcspn($rest, "\x1D") - 2;
            $elements = self::with($elements, $identifier, substr($rest, 2, max(0, $length)), $rest);
            $rest = ltrim(substr($rest, 2 + $length), "\x1D");
        }

        return $elements;
    }

    /**
     * @param array<string, string> $elements
     *
     * @return array<string, string>
     */
    private static function with(array $elements, string $identifier, string $value, string $rest): array
    {
        $fixed = self::FIXED[$identifier] ?? null;
        $name = self::NAMES[$identifier] ?? '';
        match (true) {
            null === $fixed && !\in_array($identifier, self::VARIABLE, true) => throw UnreadableLabel::unknownElement($rest),
            isset($elements[$name]) => throw UnreadableLabel::twice($identifier),
            null !== $fixed && (\strlen($value) !== $fixed || !ctype_digit($value)) => throw UnreadableLabel::cutShort($identifier, $fixed),
            null === $fixed && 1 !== preg_match('/\A[!-\x22%-\/0-9:-?A-Z_a-z]{1,20}\z/', $value) => throw UnreadableLabel::tooLong($identifier, $value),
            default => null,
        };

        return [...$elements, $name => $value];
    }
}
