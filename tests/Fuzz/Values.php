<?php

declare(strict_types=1);

namespace App\Tests\Fuzz;

/** What is sent: often nearly right, often not at all. By mt_rand, so that a seed sends the same again. */
final readonly class Values
{
    private const JOB = '019aa100-0000-7000-8000-00000000000';
    private const TEXTS = [
        '', ' ', '0', '-1', '1e309', 'null', "\u{202E}abc", "a\u{0}b", "\u{FEFF}", "\xFF\xFE", '<script>alert(1)</script>',
        "'; DROP TABLE job; --", '=1+1',
        '{window}', '../../etc/passwd', '95 mm²', '12.5 mm', '1/2 in', '9999999999999 mm', '-5 mm', '1/0 in', '2026-03-14T08:30:00+01:00',
        '0001-01-01', '9999-12-31',
        '2026-02-30', 'max(max(max(1,2),3),4)', 'area(1)', "\u{1F642}", 'İ', '00000000-0000-0000-0000-000000000000',
        '(01)09521230013321(10)X', 'mm', 'A',
    ];
    private const NUMBERS = [0, -1, 1, 2, 3, 7, 2147483647, 2147483648, -9223372036854775807 - 1, 9223372036854775807, 0.1, 1.0e308, -0.0];
    private const IDS = ['quillon-straight-12', 'brasswick-al-95', 'thole-splice-15', 'none', 'a', 'A B', '..', 'victim', 'fuzz'];

    public static function chance(int $percent): bool
    {
        return mt_rand(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    public static function one(array $of): mixed
    {
        return $of[mt_rand(0, \count($of) - 1)];
    }

    /** For a place in a path. */
    public static function inPath(string $name): string
    {
        $value = match (true) {
            'revision' === $name, 'from' === $name, 'to' === $name => (string) self::one([1, 2, 0, 999999, 9999999]),
            'format' === $name => self::one(['json', 'csv', 'xml', 'exe']),
            'kind' === $name => self::one(['cables', 'kits', 'connectors', 'x']),
            'end' === $name => self::one(['A', 'B', 'C']),
            'name' === $name => self::one(['victim', 'nobody', 'x', '..']),
            self::chance(70) => self::JOB.mt_rand(1, 9),
            default => self::one([...self::IDS, ...self::TEXTS]),
        };

        return rawurlencode($value);
    }

    public static function inQuery(): string
    {
        return match (mt_rand(0, 5)) {
            0, 1 => rawurlencode(self::one(['1', '2', '3', 'mm', 'in', '95 al', 'nothing', 'good', 'all'])),
            2 => str_repeat('x', mt_rand(1, 6000)),
            3 => '%ff%fe',
            default => rawurlencode(self::one(self::TEXTS)),
        };
    }

    /**
     * @param array<mixed> $schema
     *
     * @return string|array<mixed> a document, or a text that is none
     */
    public static function body(array $schema): string|array
    {
        if (self::chance(12)) {
            return self::one([
                '', '[]', 'null', '{', '{"id": 1, "id": 2}', str_repeat('[', 5000), '{"name":"'.str_repeat('x', 300_000).'"}', "\xFF\xFF",
                '"text"', '1e999',
                '{"events":'.str_repeat('{"a":', 400).'1'.str_repeat('}', 400).'}', "a;b;c\n1;2;3\n", '<rdf:RDF/>',
                '<!DOCTYPE x [<!ENTITY e "e">]><x>&e;</x>',
            ]);
        }
        $value = self::of($schema, 0);

        return \is_array($value) ? $value : (string) json_encode($value, \JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** @param array<mixed> $schema */
    private static function of(array $schema, int $depth): mixed
    {
        if ($depth > 9 || self::chance(5)) {
            return self::nasty();
        }
        foreach (['oneOf', 'anyOf'] as $choice) {
            if (\is_array($schema[$choice] ?? null) && [] !== $schema[$choice]) {
                $one = self::one(array_values($schema[$choice]));

                return self::of(\is_array($one) ? $one : [], $depth + 1);
            }
        }
        if (\is_array($schema['enum'] ?? null) && [] !== $schema['enum']) {
            return self::one(array_values($schema['enum']));
        }
        $type = $schema['type'] ?? (isset($schema['properties']) ? 'object' : null);
        $type = \is_array($type) && [] !== $type ? self::one(array_values($type)) : $type;

        return match (true) {
            \array_key_exists('const', $schema) => $schema['const'],
            'object' === $type => self::object($schema, $depth),
            'array' === $type => array_map(
                static fn (): mixed => self::of(
                    \is_array($schema['items'] ?? null) ? $schema['items'] : [], $depth + 1,
                ), range(1, mt_rand(1, 3)),
            ),
            'boolean' === $type => self::chance(50),
            'integer' === $type, 'number' === $type => self::chance(60) ? mt_rand(0, 12) : self::one(self::NUMBERS),
            'null' === $type => null,
            default => self::text($schema),
        };
    }

    /**
     * @param array<mixed> $schema
     *
     * @return array<mixed>|\stdClass
     */
    private static function object(array $schema, int $depth): array|\stdClass
    {
        $required = \is_array($schema['required'] ?? null) ? $schema['required'] : [];
        $object = [];
        foreach (\is_array($schema['properties'] ?? null) ? $schema['properties'] : [] as $key => $inner) {
            if (self::chance(\in_array($key, $required, true) ? 96 : 55)) {
                $object[$key] = self::of(\is_array($inner) ? $inner : [], $depth + 1);
            }
        }
        if (self::chance(6)) {
            $object[self::one(['0', 'extra', '__proto__', 'id', "\u{1F642}"])] = self::nasty();
        }

        return [] === $object ? new \stdClass() : $object;
    }

    /** @param array<mixed> $schema */
    private static function text(array $schema): string
    {
        return match (true) {
            'uuid' === ($schema['format'] ?? null), self::chance(15) => self::chance(50) ? self::JOB.mt_rand(1, 9) : \sprintf(
                '019abcde-0000-7000-8000-%012d', mt_rand(1, 999_999),
            ),
            'date-time' === ($schema['format'] ?? null) && self::chance(70) => '2026-03-14T08:30:00+01:00',
            'date' === ($schema['format'] ?? null) && self::chance(70) => '2027-03-14',
            self::chance(40) => self::one(self::IDS),
            self::chance(5) => str_repeat(self::one(['x', "\u{E9}", "\u{1F642}"]), mt_rand(1, 3000)),
            default => self::one(self::TEXTS),
        };
    }

    private static function nasty(): mixed
    {
        return match (mt_rand(0, 6)) {
            0 => null,
            1 => self::one(self::NUMBERS),
            2 => [],
            3 => ['a' => ['b' => [1, null, ['c' => true]]]],
            4 => array_fill(0, 200, 'x'),
            5 => self::chance(50),
            default => self::one(self::TEXTS),
        };
    }
}
