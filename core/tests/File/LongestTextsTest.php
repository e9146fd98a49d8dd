<?php

declare(strict_types=1);

namespace Berm\Core\Tests\File;

use Berm\Core\File\BadDocument;
use Berm\Core\File\ConnectorFile;
use Berm\Core\File\Fields;
use Berm\Core\File\JobFile;
use Berm\Core\File\KitSheetFile;
use Berm\Core\File\ToolFile;
use Berm\Core\Tests\Golden;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** How long each text of the open files may be: nothing that is written by hand is cut off, and nothing grows without a bound. */
final class LongestTextsTest extends TestCase
{
    private const SAYS = '/^must be plain text of at most (\d+) characters\.$/';

    #[Test]
    public function eachTextHasItsBoundAndTheWholeOfItMayBeUsed(): void
    {
        $bounds = [];
        foreach (self::documents() as $name => [$document, $read]) {
            foreach (self::texts($document) as $path) {
                $longest = self::bound(self::with($document, $path, str_repeat('a', 9000)), $read);
                $place = $name.' '.self::named($document, $path);
                if (null === $longest || isset($bounds[$place])) {
                    continue;
                }
                $bounds[$place] = $longest;
                self::assertNull(self::bound(self::with($document, $path, str_repeat('é', $longest)), $read), "$place, $longest signs");
                self::assertSame(
                    $longest, self::bound(self::with($document, $path, str_repeat('é', $longest + 1)), $read), "$place, one more",
                );
            }
        }
        $lines = array_map(static fn (string $place, int $longest): string => "$place: $longest\n", array_keys($bounds), $bounds);
        Golden::assertSame('longest-texts.txt', implode('', $lines));
    }

    /** @return iterable<string, array{array<mixed>, \Closure(Fields): mixed}> */
    private static function documents(): iterable
    {
        yield 'kit' => [self::demo('kits/quillon-wire-joint-12'), KitSheetFile::read(...)];
        yield 'kit of one core' => [self::demo('kits/quillon-straight-12'), KitSheetFile::read(...)];
        yield 'connector' => [self::demo('connectors/tallis-shear-95-150'), ConnectorFile::read(...)];
        yield 'crimped connector' => [self::demo('connectors/brasswick-al-cu-240'), ConnectorFile::read(...)];
        $tool = ['kind' => 'crimp-press', 'id' => 't', 'name' => 'n', 'serial' => 's', 'dies' => ['d'], 'calibratedUntil' => '2027-04-30'];
        yield 'tool' => [$tool, ToolFile::read(...)];
        yield 'job' => [self::withLog(self::demo('sallow-fen.job')), JobFile::read(...)];
    }

    /**
     * @param array<mixed> $job
     *
     * @return array<mixed> with an entry of each kind that carries a text
     */
    private static function withLog(array $job): array
    {
        $events = [
            ['kind' => 'safety-confirmed', 'permit' => 'P', 'confirmedBy' => 'S', 'confirmedAt' => '2026-03-14T08:00:00Z',
                'identified' => true, 'isolated' => true, 'provedDead' => true, 'earthed' => true],
            ['kind' => 'cut-back', 'end' => 'A', 'by' => ['typed' => '9', 'unit' => 'mm', 'instrument' => 'steel-rule'], 'reason' => 'r'],
            ['kind' => 'core-cut-back', 'end' => 'A', 'core' => 2, 'by' => ['typed' => '9', 'unit' => 'mm', 'instrument' => 'tape'],
                'reason' => 'r'],
            ['kind' => 'cut-out', 'offA' => ['typed' => '9', 'unit' => 'mm', 'instrument' => 'steel-rule'], 'reason' => 'r'],
            ['kind' => 'other-side-takes', 'end' => 'A', 'cut' => 'insulation', 'by' => '5 mm', 'reason' => 'r'],
            ['kind' => 'mark-moved', 'end' => 'A', 'cut' => 'insulation', 'by' => '5 mm', 'for' => ['stage' => 's', 'check' => 'c'],
                'reason' => 'r'],
            ['kind' => 'deviation-accepted', 'end' => 'A', 'cut' => 'insulation', 'reason' => 'r', 'of' => 'e'],
            ['kind' => 'lap-accepted', 'part' => 'p', 'rule' => 'laps', 'of' => 'insulation', 'end' => 'A', 'reason' => 'r'],
            ['kind' => 'part-parked', 'end' => 'A', 'part' => 'p'],
            ['kind' => 'connector-fitted', 'batch' => 'b'],
            ['kind' => 'applied', 'stage' => 's', 'how' => 'set', 'part' => 'p'],
            ['kind' => 'taken-off', 'stage' => 's', 'how' => 'set', 'part' => 'p', 'reason' => 'r'],
            ['kind' => 'check-made', 'stage' => 's', 'check' => 'c', 'note' => 'n'],
            ['kind' => 'check-accepted', 'stage' => 's', 'check' => 'c', 'reason' => 'r', 'of' => 'e'],
            ['kind' => 'stage-finished', 'stage' => 's'],
            ['kind' => 'hold-released', 'stage' => 's'],
            ['kind' => 'handed-over', 'signedBy' => 's'],
            ['kind' => 'left-safe', 'covered' => 'c', 'to' => 't'],
            ['kind' => 'noted', 'note' => 'n', 'stage' => 's'],
            ['kind' => 'leaflet-read', 'edition' => 'e'],
            ['kind' => 'leaflet-compared', 'reason' => 'r'],
            ['kind' => 'called', 'about' => 'question', 'note' => 'n', 'stage' => 's'],
            ['kind' => 'answered', 'call' => 'e', 'answer' => 'a'],
            ['kind' => 'pictured', 'picture' => str_repeat('0', 64), 'caption' => 'c', 'stage' => 's'],
            ['kind' => 'found', 'what' => 'other', 'note' => 'n'],
            ['kind' => 'found-accepted', 'found' => 'e', 'reason' => 'r'],
            ['kind' => 'withdrawn-accepted', 'reason' => 'r'],
            ['kind' => 'piece-taken', 'stock' => 's', 'pieces' => 1, 'batch' => 'b', 'from' => 'another-box'],
            ['kind' => 'withdrawn', 'entry' => 'e', 'reason' => 'r'],
            ['kind' => 'kit-dated', 'batch' => 'b', 'keepsUntil' => '2028-02-29'],
            ['kind' => 'box-opened', 'box' => 'b', 'item' => 'i', 'batch' => 'b', 'serial' => 's', 'missing' => ['m']],
        ];
        $entry = static fn (array $event): array => [
            'id' => $event['kind'], 'by' => 'b', 'at' => '2026-03-14T08:00:00Z', 'event' => $event,
        ];

        return [...$job, 'log' => array_map($entry, $events)];
    }

    /** @return array<mixed> */
    private static function demo(string $name): array
    {
        $json = json_decode((string) file_get_contents(__DIR__."/../../../demo/$name.json"), true, 512, \JSON_THROW_ON_ERROR);

        return \is_array($json) ? $json : [];
    }

    /**
     * @param array<mixed>     $document
     * @param list<string|int> $path
     */
    private static function named(array $document, array $path): string
    {
        $kind = $document;
        foreach (['log', $path[1] ?? '', 'event', 'kind'] as $key) {
            $kind = \is_array($kind) ? $kind[$key] ?? null : null;
        }
        $keys = array_map(static fn (string|int $key): string => \is_int($key) ? '*' : $key, $path);

        return implode('.', 'log' === $path[0] && \is_string($kind) ? ['log', $kind, ...\array_slice($keys, 2)] : $keys);
    }

    /** @param \Closure(Fields): mixed $read */
    private static function bound(mixed $document, \Closure $read): ?int
    {
        try {
            Fields::read($document, $read);
        } catch (BadDocument $error) {
            foreach ($error->problems as $problem) {
                if (1 === preg_match(self::SAYS, $problem->message, $found)) {
                    return (int) $found[1];
                }
            }
        }

        return null;
    }

    /**
     * @param array<mixed>     $document
     * @param list<string|int> $above
     *
     * @return iterable<list<string|int>> the place of each text
     */
    private static function texts(array $document, array $above = []): iterable
    {
        foreach ($document as $key => $value) {
            if (\is_array($value)) {
                yield from self::texts($value, [...$above, $key]);
            } elseif (\is_string($value)) {
                yield [...$above, $key];
            }
        }
    }

    /** @param list<string|int> $path */
    private static function with(mixed $document, array $path, string $text): mixed
    {
        $key = array_shift($path);
        if (null === $key) {
            return $text;
        }
        $json = \is_array($document) ? $document : [];
        $json[$key] = self::with($json[$key] ?? null, $path, $text);

        return $json;
    }
}
