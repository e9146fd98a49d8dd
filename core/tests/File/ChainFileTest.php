<?php

declare(strict_types=1);

namespace Berm\Core\Tests\File;

use Berm\Core\Build\Chain;
use Berm\Core\Build\ChainedLine;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Link;
use Berm\Core\Cable\End;
use Berm\Core\File\ChainFile;
use Berm\Core\File\JobFile;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A record's file can be followed without the server, and whoever changed a line of it is found out. */
final class ChainFileTest extends TestCase
{
    private const JOB = '019aa100-0000-7000-8000-000000000001';
    private const CHANGED = 'is not what was written there: what it says, its place, or what it rested on was changed.';

    #[Test]
    public function aRecordAsItWasWrittenIsSound(): void
    {
        $file = self::record();
        self::assertNull(self::fault($file));
        self::assertSame([true, false, true], array_map(
            static fn (mixed $line): bool => \is_array($line) && isset($line['sheets']), self::lines($file),
        ), 'what it rests on is said where it changes');
    }

    /** @return iterable<string, array{string, mixed, int}> path, what stands there, the line that is named */
    public static function touched(): iterable
    {
        $body = ChainFile::body(self::log()[1]);
        yield 'a reading' => ['log.1.event.reading.typed', '999', 2];
        yield 'who wrote it' => ['log.0.by', 'somebody else', 1];
        yield 'when' => ['log.2.at', '2026-03-14T08:31:00+00:00', 3];
        yield 'what it was judged by' => ['log.1.basis.window', ['min' => '1 mm'], 2];
        yield 'what was hashed' => ['chain.lines.1.written', str_replace('252', '253', $body), 2];
        yield 'a hash' => ['chain.lines.0.hash', str_repeat('0', 64), 1];
        yield 'the way it was hashed' => ['chain.lines.1.format', 1, 2];
        yield 'the sheet that it rested on' => ['chain.lines.2.sheets', ['kit other 1 '.str_repeat('a', 64)], 3];
        yield 'the job that it is of' => ['chain.job', 'another', 1];
    }

    #[Test]
    #[DataProvider('touched')]
    public function theFirstLineThatWasTouchedIsNamed(string $path, mixed $value, int $line): void
    {
        $touched = Example::with(self::record(), $path, $value);
        self::assertNotEquals(self::record(), $touched);
        self::assertSame("Line $line ".self::CHANGED, self::fault($touched));
    }

    #[Test]
    public function linesThatAreTakenOutPutInOrExchangedAreNamed(): void
    {
        $file = self::record();
        [$first, $second, $third] = self::list($file, 'log');
        $log = static fn (mixed ...$entries): ?string => self::fault(Example::with($file, 'log', $entries));
        self::assertSame('Line 2 '.self::CHANGED, $log($first, $third));
        self::assertSame('Line 3 stands in the chain and not in the log: it was taken out.', $log($first, $second));
        self::assertSame('Line 4 stands in the log and not in its chain: it was added.', $log($first, $second, $third, $third));
        self::assertSame('Line 2 '.self::CHANGED, $log($first, $third, $second));
        [$one, $two, $three] = self::lines($file);
        $exchanged = Example::with(Example::with($file, 'log', [$first, $third, $second]), 'chain.lines', [$one, $three, $two]);
        self::assertSame('Line 2 '.self::CHANGED, self::fault($exchanged), 'with their lines of the chain');
    }

    /** What an end that was cut off leaves is sound: only the last hash, noted down elsewhere, tells it. */
    #[Test]
    public function anEndThatWasCutOffIsToldByItsLastHash(): void
    {
        $file = self::record();
        $cut = Example::with(
            Example::with($file, 'log', \array_slice(self::list($file, 'log'), 0, 2)),
            'chain.lines', \array_slice(self::lines($file), 0, 2),
        );
        self::assertNull(self::fault($cut));
        self::assertNotSame(Example::read($file)->chain?->head(), Example::read($cut)->chain?->head());
    }

    /** Entries were written otherwise once: they are what they say, and not how it was spelt. */
    #[Test]
    public function aLineThatWasSpeltOtherwiseIsSoundWhileItSaysTheSame(): void
    {
        $spelt = str_replace('"by":"tester"', '"by": "tester"', ChainFile::body(self::log()[0]));
        self::assertNull(self::fault(self::record([$spelt])));
        self::assertSame('Line 1 '.self::CHANGED, self::fault(self::record([str_replace('tester', 'another', $spelt)])));
    }

    /** @return list<Entry> */
    private static function log(): array
    {
        $reading = static fn (string $typed): Reading => Reading::typed($typed, LengthUnit::Millimetre, Instrument::SteelRule);

        return Written::log(Example::read(Example::joint())->job, [
            Written::safe(), new CutMeasured(MarkPlace::of(End::A, Cut::Oversheath), $reading('252')),
            new CutMeasured(MarkPlace::of(End::A, Cut::MetallicScreen), $reading('216')),
        ]);
    }

    /**
     * @param list<string> $spelt what was hashed, where it is not what would be today
     *
     * @return array<string, mixed> as a reader has it
     */
    private static function record(array $spelt = []): array
    {
        $lines = [];
        $before = '';
        foreach (self::log() as $i => $entry) {
            $sheets = 'kit example '.(2 === $i ? 2 : 1).' '.str_repeat('b', 64);
            $body = $spelt[$i] ?? ChainFile::body($entry);
            $before = Link::hash(Link::FORMAT, self::JOB, $i + 1, $before, $sheets, $body);
            $lines[] = new ChainedLine($before, Link::FORMAT, $sheets, $body);
        }
        $written = (new JobFile(Example::read(Example::joint())->job, self::log(), Chain::of(self::JOB, $lines)))->write();
        /** @var array<string, mixed> $file */
        $file = json_decode(json_encode($written, \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);

        return $file;
    }

    /** @param array<string, mixed> $file */
    private static function fault(array $file): ?string
    {
        $read = Example::read($file);
        $fault = ChainFile::firstFault($read->chain ?? self::fail('it has a chain'), $read->log);

        return null === $fault ? null : (new Reader(LengthUnit::Millimetre))->say($fault);
    }

    /**
     * @param array<string, mixed> $file
     *
     * @return array{mixed, mixed, mixed}
     */
    private static function list(array $file, string $key): array
    {
        self::assertIsArray($file[$key]);
        [$first, $second, $third] = $file[$key];

        return [$first, $second, $third];
    }

    /**
     * @param array<string, mixed> $file
     *
     * @return array{mixed, mixed, mixed}
     */
    private static function lines(array $file): array
    {
        self::assertIsArray($file['chain']);

        return self::list(['lines' => $file['chain']['lines']], 'lines');
    }
}
