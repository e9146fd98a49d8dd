<?php

declare(strict_types=1);

namespace Berm\Core\Tests\File;

use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\File\Problem;
use Berm\Core\File\ToolFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class ToolFileTest extends TestCase
{
    private const PRESS = [
        'id' => 'p',
        'kind' => 'crimp-press',
        'name' => 'Press',
        'serial' => 'S1',
        'dies' => ['hexagonal, Al 95'],
        'calibratedUntil' => '2027-02-28',
    ];
    private const WRENCH = [
        'id' => 'w', 'kind' => 'torque-wrench', 'name' => 'Wrench', 'serial' => '', 'least' => '20 N·m', 'most' => '100 N·m',
    ];

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function tools(): iterable
    {
        yield 'a press' => [self::PRESS];
        yield 'a wrench of unknown calibration' => [self::WRENCH];
    }

    /** @param array<string, mixed> $file */
    #[Test]
    #[DataProvider('tools')]
    public function whatIsWrittenIsWhatWasRead(array $file): void
    {
        self::assertSame($file, ToolFile::write(Fields::read($file, ToolFile::read(...))));
    }

    #[Test]
    public function aTorqueMayBeGivenInPoundFeetAndIsKeptInNewtonMetres(): void
    {
        // NIST SP 811: 1 lbf·ft = 1.355 818 N·m.
        $tool = Fields::read([...self::WRENCH, 'least' => '15 lbf·ft'], ToolFile::read(...));
        self::assertEqualsWithDelta(20.33727, $tool->least?->newtonMetres(), 1e-4);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function faults(): iterable
    {
        yield 'no such kind' => [[...self::PRESS, 'kind' => 'hammer'], 'kind', 'must be one of "crimp-press", "torque-wrench".'];
        yield 'no such day' => [
            [...self::PRESS, 'calibratedUntil' => '2027-02-29'], 'calibratedUntil', 'must be a day such as 2027-06-30.',
        ];
        yield 'a day the other way round' => [
            [...self::PRESS, 'calibratedUntil' => '28.2.2027'], 'calibratedUntil', 'must be a day such as 2027-06-30.',
        ];
        yield 'a press without dies' => [
            [...self::PRESS, 'dies' => []], '', 'a crimp press has at least one die: name each as the connector’s sheet does',
        ];
        yield 'a die without a name' => [[...self::PRESS, 'dies' => ['']], 'dies.0', 'is empty: fill it in.'];
        yield 'a wrench without its range' => [array_diff_key(self::WRENCH, ['most' => 0]), 'most', 'is missing: fill it in.'];
        yield 'a range upside down' => [
            [...self::WRENCH, 'most' => '10 N·m'], '', 'a torque wrench has a least and a greatest torque, the least first',
        ];
        yield 'dies on a wrench' => [
            [...self::WRENCH, 'dies' => ['x']],
            'dies',
            'is not a field known here: take it out, or use one of id, kind, name, serial, calibratedUntil, least, most.',
        ];
    }

    /** @param array<string, mixed> $file */
    #[Test]
    #[DataProvider('faults')]
    public function aFaultIsToldWithItsPlaceAndMend(array $file, string $path, string $message): void
    {
        try {
            Fields::read($file, ToolFile::read(...));
            self::fail('it was taken');
        } catch (BadDocument $bad) {
            self::assertContains(
                [$path, $message], array_map(static fn (Problem $problem): array => [$problem->path, $problem->message], $bad->problems),
            );
        }
    }
}
