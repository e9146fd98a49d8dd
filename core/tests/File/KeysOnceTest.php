<?php

declare(strict_types=1);

namespace Berm\Core\Tests\File;

use Berm\Core\File\KeysOnce;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class KeysOnceTest extends TestCase
{
    /** @return iterable<string, array{string, string|null}> */
    public static function texts(): iterable
    {
        yield 'none' => ['{"a": 1, "b": 2}', null];
        yield 'twice' => ['{"a": 1, "b": 2, "a": 3}', 'a'];
        yield 'in objects beside each other' => ['[{"a": 1}, {"a": 2}]', null];
        yield 'in one that holds the other' => ['{"a": {"a": {"a": 1}}}', null];
        yield 'inside' => ['{"x": [{"b": 1, "c": {"d": 1, "d": 2}}]}', 'd'];
        yield 'after an inner object' => ['{"a": {"b": 1}, "c": [1, {"a": 2}], "a": 3}', 'a'];
        yield 'a value that is called like a key' => ['{"a": "b", "b": "a", "c": ["a", "a"]}', null];
        yield 'written in another way' => ['{"a": 1, "\u0061": 2}', 'a'];
        yield 'quotes and brackets in texts' => ['{"a": "{\\"a\\": 1, \\"a\\"}", "b\\\\": "\\\\", "c": 1}', null];
        yield 'numbers' => ['{"1": 1, "01": 2, "1": 3}', '1'];
        yield 'the empty key' => ['{"": 1, "": 2}', ''];
        yield 'no object' => ['[1, "a", null]', null];
    }

    #[Test]
    #[DataProvider('texts')]
    public function aKeyStandsOnceInItsObject(string $json, ?string $twice): void
    {
        json_decode($json, false, 64, \JSON_THROW_ON_ERROR);
        self::assertSame($twice, KeysOnce::firstTwice($json));
    }
}
