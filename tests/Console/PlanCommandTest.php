<?php

declare(strict_types=1);

namespace App\Tests\Console;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** ./berm plan as people call it: no server, no database. */
final class PlanCommandTest extends TestCase
{
    #[Test]
    public function aJobFileGivesFitMarkOutAndParking(): void
    {
        $process = self::berm('plan', 'demo/sallow-fen.job.json');
        /** @var array{fit: array{kit: array{outcome: string}}, markOut: list<array{at: string, set: array{inches: array{at: string}}}>, parking: list<array{needed: string}>} $plan */
        $plan = json_decode($process->getOutput(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertSame(0, $process->getExitCode());
        self::assertSame(
            ['fits', '248 mm', '9 3/4', '2120 mm'],
            [
                $plan['fit']['kit']['outcome'],
                $plan['markOut'][0]['at'],
                $plan['markOut'][0]['set']['inches']['at'],
                $plan['parking'][0]['needed'],
            ],
        );
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function badFiles(): iterable
    {
        yield 'not JSON' => ['{', ['']];
        yield 'two faults' => [
            '{"format": "berm/job/1", "name": "x", "function": "bend", "unit": "mm", "ends": {}, "colour": 1}', ['function', 'colour'],
        ];
    }

    /** @param list<string> $paths */
    #[Test]
    #[DataProvider('badFiles')]
    public function aBadFileExitsWithOneAndAProblemPerField(string $text, array $paths): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'berm');
        file_put_contents($path, $text);
        $process = self::berm('plan', $path);
        unlink($path);
        /** @var array{problems: list<array{path: string, message: string}>} $answer */
        $answer = json_decode($process->getOutput(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertSame([1, $paths], [$process->getExitCode(), array_column($answer['problems'], 'path')]);
    }

    #[Test]
    public function aMissingFileSaysSo(): void
    {
        $process = self::berm('plan', 'nowhere.json');
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('nowhere.json cannot be read', $process->getErrorOutput());
    }

    private static function berm(string ...$arguments): Process
    {
        $process = new Process(['./berm', ...array_values($arguments)], \dirname(__DIR__, 2));
        $process->run();

        return $process;
    }
}
