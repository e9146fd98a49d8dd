<?php

declare(strict_types=1);

namespace Berm\Core\Stores;

/** A GS1 element string taken apart. Source: GS1 General Specifications, sections 3 and 7.8. @internal use Label::read() */
final readonly class ElementString
{
    /** Of a batch or a serial number: 1 to 20, ended by FNC1 or by the end of the label. */
    private const CHARACTERS = '/\A[!-\x22%-\/0-9:-?A-Z_a-z]{1,20}\z/';
    /** Of a fixed number of digits; no separator follows them. */
    private const FIXED = ['01' => 14, '11' => 6, '17' => 6];
    private const NAMES = ['01' => 'item', '10' => 'batch', '11' => 'made', '17' => 'expires', '21' => 'serial'];
    /**
     * Characters of an element by the first two of its identifier, identifier and all, where no separator need follow it.
     * Source: GS1 General Specifications, section 7.8.5 (predefined length), from memory.
     */
    private const PREDEFINED = [
        '00' => 20, '01' => 16, '02' => 16, '03' => 16, '04' => 18, '11' => 8, '12' => 8, '13' => 8, '14' => 8, '15' => 8, '16' => 8,
        '17' => 8, '18' => 8, '19' => 8, '20' => 4, '31' => 10, '32' => 10, '33' => 10, '34' => 10, '35' => 10, '36' => 10, '41' => 16,
    ];

    /**
     * @param array<string, string> $known  by name
     * @param list<string>          $others what stands there besides, such as "(240)X7"
     */
    private function __construct(public array $known, public array $others)
    {
    }

    /** @throws UnreadableLabel */
    public static function read(string $text): self
    {
        // "]C1", "]d2", "]Q3", "]e0": what kind of bars the reader saw.
        $plain = (string) preg_replace('/\A\](?:C1|d2|Q3|e0)/', '', trim($text, " \n\r\t"));
        $plain = str_replace(['<GS>', '{FNC1}'], "\x1D", $plain);
        if ('' === $plain) {
            throw UnreadableLabel::empty();
        }
        $read = new self([], []);
        foreach (str_starts_with($plain, '(') ? self::bracketed($plain) : self::bare($plain) as [$identifier, $value]) {
            $read = $read->with($identifier, $value);
        }

        return $read;
    }

    /** @return \Generator<int, array{string, string}> identifier and value */
    private static function bracketed(string $text): \Generator
    {
        $rest = $text;
        while ('' !== $rest) {
            if (1 !== preg_match('/\A\((\d{2,4})\)([^(\x1D]*)\x1D?/', $rest, $parts)) {
                throw UnreadableLabel::noElement($rest);
            }
            yield [$parts[1], trim($parts[2])];
            $rest = substr($rest, \strlen($parts[0]));
        }
    }

    /** @return \Generator<int, array{string, string}> identifier and value */
    private static function bare(string $text): \Generator
    {
        $rest = ltrim($text, "\x1D");
        while ('' !== $rest) {
            $identifier = substr($rest, 0, 2);
            if (!ctype_digit($identifier)) {
                throw UnreadableLabel::noElement($rest);
            }
            $length = self::PREDEFINED[$identifier] ?? strcspn($rest, "\x1D");
            yield [$identifier, substr($rest, 2, max(0, $length - 2))];
            $rest = ltrim(substr($rest, $length), "\x1D");
        }
    }

    private function with(string $identifier, string $value): self
    {
        $name = self::NAMES[$identifier] ?? null;
        if (null === $name) {
            return new self($this->known, [...$this->others, "($identifier)$value"]);
        }
        $fixed = self::FIXED[$identifier] ?? null;
        match (true) {
            isset($this->known[$name]) => throw UnreadableLabel::twice($identifier),
            null !== $fixed && (\strlen($value) !== $fixed || !ctype_digit($value)) => throw UnreadableLabel::cutShort($identifier, $fixed),
            null === $fixed && 1 !== preg_match(self::CHARACTERS, $value) => throw UnreadableLabel::tooLong($identifier, $value),
            default => null,
        };

        return new self([...$this->known, $name => $value], $this->others);
    }
}
