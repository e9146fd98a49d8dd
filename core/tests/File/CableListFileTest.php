<?php

declare(strict_types=1);

namespace Berm\Core\Tests\File;

use Berm\Core\Cable\Construction;
use Berm\Core\Cable\Standard\Library;
use Berm\Core\File\CableImport;
use Berm\Core\File\CableListFile;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\ImportProblem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Cable types from a JSON file: one, or a list of them. */
final class CableListFileTest extends TestCase
{
    #[Test]
    public function aFileHoldsOneCableOrAList(): void
    {
        [$one, $other] = self::two();
        self::assertSame([$one['designation']], self::read($one));
        self::assertSame([$one['designation'], $other['designation']], self::read(['cables' => [$one, $other]]));
        self::assertSame([], self::read(['cables' => []]));
    }

    #[Test]
    public function theGoodOnesAreReadAndTheOthersAreNamedByTheirNumber(): void
    {
        [$one, $other] = self::two();
        $import = CableListFile::read(self::text(['cables' => [$one, [...$other, 'oversheath' => 'wood'], [...$other, 'cores' => 2]]]));
        self::assertCount(1, $import->cables);
        self::assertSame([[2, 'oversheath'], [3, 'cores']], array_map(
            static fn (ImportProblem $problem): array => [$problem->row, $problem->column], $import->problems,
        ));
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'no JSON' => ['{"cables": [', 'is not JSON (syntax error).'];
        yield 'no list' => ['{"cables": {"a": 1}}', 'is not a list of cable types: send {"cables": [...]} with at most 5000 of them.'];
        yield 'a text' => ['"cables"', 'is not a list of cable types: send {"cables": [...]} with at most 5000 of them.'];
        yield 'too many' => [
            '{"cables": ['.str_repeat('{},', 5000).'{}]}',
            'is not a list of cable types: send {"cables": [...]} with at most 5000 of them.',
        ];
        yield 'deeper than any cable' => [str_repeat('[', 70).str_repeat(']', 70), 'is not JSON (maximum stack depth exceeded).'];
    }

    #[Test]
    #[DataProvider('unreadable')]
    public function whatIsNoSuchFileIsSaid(string $text, string $message): void
    {
        $import = CableListFile::read($text);
        self::assertSame([[], $message], [$import->cables, $import->problems[0]->message]);
    }

    #[Test]
    public function asManyAsFiveThousandAreLookedAt(): void
    {
        $import = CableListFile::read('{"cables": ['.str_repeat('{},', 4999).'{}]}');
        self::assertCount(201, $import->problems, 'as many as somebody reads');
        self::assertMatchesRegularExpression('/\Aand [\d,]{5,7} more from here on\.\z/', $import->problems[200]->message);
    }

    /** @return list<string> */
    private static function read(mixed $json): array
    {
        $import = CableListFile::read(self::text($json));
        self::assertSame([], $import->problems);

        return self::names($import);
    }

    /** @return list<string> */
    private static function names(CableImport $import): array
    {
        return array_map(static fn (Construction $cable): string => $cable->designation, $import->cables);
    }

    private static function text(mixed $json): string
    {
        return json_encode($json, \JSON_THROW_ON_ERROR);
    }

    /** @return list<array<string, mixed>> */
    private static function two(): array
    {
        $two = [];
        foreach (Library::shipped() as $cable) {
            $two[] = CableTypeFile::write($cable);
            if (2 === \count($two)) {
                break;
            }
        }

        return $two;
    }
}
