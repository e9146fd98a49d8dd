<?php

declare(strict_types=1);

namespace Berm\Core\Tests\File;

use Berm\Core\File\BadDocument;
use Berm\Core\File\ConnectorFile;
use Berm\Core\File\Fields;
use Berm\Core\File\JobFile;
use Berm\Core\File\KitSheetFile;
use Berm\Core\File\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** One field is taken out or spoiled: the list of problems names that field, and calls no other one unknown. */
final class OneFaultTest extends TestCase
{
    /** @return iterable<string, array{string, \Closure(Fields): mixed}> */
    public static function files(): iterable
    {
        $kit = KitSheetFile::read(...);
        yield 'a kit with stages' => ['kits/quillon-straight-12', $kit];
        yield 'a kit in inches' => ['kits/harrow-universal-35', $kit];
        yield 'a transition' => ['kits/quillon-transition-17', $kit];
        yield 'a lug' => ['connectors/corvane-lug-1-0-250', ConnectorFile::read(...)];
        yield 'a connector of two metals' => ['connectors/brasswick-al-cu-240', ConnectorFile::read(...)];
        yield 'a job with its log' => ['sallow-fen.job', JobFile::read(...)];
    }

    /** @param \Closure(Fields): mixed $read */
    #[Test]
    #[DataProvider('files')]
    public function noGoodFieldIsCalledUnknown(string $name, \Closure $read): void
    {
        $document = self::document($name);
        $refused = 0;
        foreach (self::paths($document) as $path) {
            foreach ([self::without($document, $path), self::with($document, $path, 'zzz')] as $spoiled) {
                $problems = self::problems($spoiled, $read);
                $refused += [] === $problems ? 0 : 1;
                foreach ($problems as $problem) {
                    self::assertStringNotContainsString(
                        'is not a field known here', $problem->message, implode('.', $path).' → '.$problem->path,
                    );
                }
            }
        }
        self::assertGreaterThan(20, $refused);
    }

    /** What no field is: each is refused with its place, and nothing worse happens. @param \Closure(Fields): mixed $read */
    #[Test]
    #[DataProvider('files')]
    public function valuesOfOddShapesAreRefusedAndNothingWorse(string $name, \Closure $read): void
    {
        $document = self::document($name);
        $odd = [3, true, [1], ['1' => ['2' => 3]], '', null, "a\x00b", ['x' => []]];
        $refused = $i = 0;
        foreach (self::paths($document) as $path) {
            ++$i;
            // One or two of them at each place, all of them over the document.
            foreach ([$odd[$i % 8], $odd[($i + 3) % 8]] as $value) {
                $refused += [] === self::problems(self::with($document, $path, $value), $read) ? 0 : 1;
            }
        }
        self::assertGreaterThan(40, $refused);
    }

    /** @return iterable<string, array{list<string|int>, list<string>}> the field, and every message that follows */
    public static function taken(): iterable
    {
        yield 'the id' => [['id'], ['id is missing: fill it in.']];
        yield 'the sizes' => [['sizes'], [' has no sizes: give at least one.']];
        yield 'a diameter of a size' => [['sizes', 0, 'insulation', 'max'], ['sizes[0].insulation.max is missing: fill it in.']];
        yield 'a distance' => [['cuts', 0, 'cases', 0, 'distance'], ['cuts[0].cases[0].distance is missing: fill it in.']];
        yield 'a tolerance' => [['cuts', 0, 'cases', 0, 'tolerance'], ['cuts[0].cases[0].tolerance is missing: fill it in.']];
    }

    /**
     * @param list<string|int> $path
     * @param list<string>     $says
     */
    #[Test]
    #[DataProvider('taken')]
    public function oneFaultBringsOneMessage(array $path, array $says): void
    {
        $problems = self::problems(self::without(self::document('kits/quillon-straight-12'), $path), KitSheetFile::read(...));
        self::assertSame($says, array_map(static fn (Problem $problem): string => "$problem->path $problem->message", $problems));
    }

    /** What a part of the box is decides what else may be said of it, so nothing is said of that until it is known. */
    #[Test]
    public function aSecretIsReadExactlyAsItWasTyped(): void
    {
        $read = static fn (string $json): string => Fields::readText($json, static fn (Fields $file): string => $file->secret('word', 12));
        self::assertSame("  a\u{202E} b ", $read('{"word": "  a\u202e b "}'));
        foreach (['{}', '{"word": ""}', '{"word": 12345}', '{"word": "thirteen char"}'] as $bad) {
            try {
                $read($bad);
                self::fail($bad);
            } catch (BadDocument $error) {
                self::assertSame('word', $error->problems[0]->path);
            }
        }
    }

    #[Test]
    public function anUnknownKindIsTheOnlyFault(): void
    {
        $sheet = self::with(self::document('kits/harrow-allinone-28'), ['contents', 0, 'kind'], 'chewing-gum');
        $problems = self::problems($sheet, KitSheetFile::read(...));
        self::assertSame('contents[0].kind', $problems[0]->path);
        self::assertStringStartsWith('must be one of "stress-tube"', $problems[0]->message);
        self::assertStringContainsString('"stress-mastic"', $problems[0]->message);
    }

    #[Test]
    public function whatIsTrulyUnknownIsNamed(): void
    {
        $problems = self::problems([...self::document('kits/quillon-straight-12'), 'colour' => 'red'], KitSheetFile::read(...));
        self::assertCount(1, $problems);
        self::assertStringStartsWith('is not a field known here', $problems[0]->message);
        self::assertSame('colour', $problems[0]->path);
    }

    /** @return array<mixed> */
    private static function document(string $name): array
    {
        return (array) json_decode((string) file_get_contents(__DIR__."/../../../demo/$name.json"), true, 64, \JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<mixed>            $document
     * @param \Closure(Fields): mixed $read
     *
     * @return list<Problem>
     */
    private static function problems(array $document, \Closure $read): array
    {
        try {
            Fields::read($document, $read);

            return [];
        } catch (BadDocument $refused) {
            return $refused->problems;
        }
    }

    /**
     * @param array<mixed>     $value
     * @param list<string|int> $at
     *
     * @return iterable<list<string|int>> the path of every field
     */
    private static function paths(array $value, array $at = []): iterable
    {
        foreach ($value as $key => $inner) {
            yield [...$at, $key];
            yield from \is_array($inner) ? self::paths($inner, [...$at, $key]) : [];
        }
    }

    /**
     * @param array<mixed>     $value
     * @param list<string|int> $path
     *
     * @return array<mixed>
     */
    private static function without(array $value, array $path): array
    {
        return self::changed($value, $path, static function (array $inner, string|int $key): array {
            $isList = array_is_list($inner);
            unset($inner[$key]);

            return $isList ? array_values($inner) : $inner;
        });
    }

    /**
     * @param array<mixed>     $value
     * @param list<string|int> $path
     *
     * @return array<mixed>
     */
    private static function with(array $value, array $path, mixed $put): array
    {
        return self::changed($value, $path, static fn (array $inner, string|int $key): array => array_replace($inner, [$key => $put]));
    }

    /**
     * @param array<mixed>                                     $value
     * @param list<string|int>                                 $path
     * @param \Closure(array<mixed>, string|int): array<mixed> $change
     *
     * @return array<mixed>
     */
    private static function changed(array $value, array $path, \Closure $change): array
    {
        $key = array_shift($path);
        \assert(null !== $key);

        return [] === $path ? $change($value, $key) : array_replace($value, [$key => self::changed((array) $value[$key], $path, $change)]);
    }
}
