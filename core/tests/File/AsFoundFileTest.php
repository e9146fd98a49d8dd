<?php

declare(strict_types=1);

namespace Berm\Core\Tests\File;

use Berm\Core\File\AsFoundFile;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What was found at a cable end is kept as it was said. */
final class AsFoundFileTest extends TestCase
{
    private const SEEN = [
        'cores' => 3, 'sector' => false, 'material' => 'copper', 'stranded' => true, 'insulation' => 'paper', 'screen' => 'lead-sheath',
        'wireCount' => 1,
        'wireDiameter' => ['typed' => '2.5', 'unit' => 'mm', 'instrument' => 'caliper'], 'armour' => 'steel-tape',
    ];

    /** @return iterable<string, array{string}> */
    public static function sights(): iterable
    {
        foreach (array_keys(self::SEEN) as $sight) {
            yield $sight => [$sight];
        }
    }

    #[Test]
    #[DataProvider('sights')]
    public function eachThingSeenComesBackAlone(string $sight): void
    {
        $seen = [$sight => self::SEEN[$sight]];
        self::assertSame($seen, self::readAndWritten(['readings' => [], 'seen' => $seen])['seen'] ?? null);
    }

    #[Test]
    public function allThatWasSeenComesBackTogether(): void
    {
        self::assertEquals(self::SEEN, self::readAndWritten(['readings' => [], 'seen' => self::SEEN])['seen'] ?? null);
    }

    #[Test]
    public function whatWasLookedAtComesBackAsItWasAnswered(): void
    {
        $conditions = ['strands-dry' => 'yes', 'paper-dry' => 'no', 'sheath-sound' => 'yes'];
        self::assertEquals($conditions, self::readAndWritten(['readings' => [], 'conditions' => $conditions])['conditions'] ?? null);
    }

    #[Test]
    public function whereAReadingWasTakenComesBack(): void
    {
        $reading = ['typed' => '19.5', 'unit' => 'mm', 'instrument' => 'caliper'];
        $taken = [[...$reading, 'place' => 2, 'axis' => 135], [...$reading, 'place' => 9, 'axis' => 0], $reading];
        $read = static fn (array $readings): mixed => self::readAndWritten(['readings' => ['insulation' => $readings]])['readings'] ?? null;
        self::assertEquals((object) ['insulation' => $taken], $read($taken));
        self::assertEquals(
            (object) ['insulation' => [[...$reading, 'place' => 2, 'axis' => 0]]],
            $read([[...$reading, 'place' => 2]]),
            'on the first axis where none is said',
        );
    }

    #[Test]
    public function aReadingOfNoughtIsRefusedAtItsPlace(): void
    {
        $reading = static fn (string $typed): array => ['typed' => $typed, 'unit' => 'mm', 'instrument' => 'caliper'];
        try {
            self::readAndWritten(['readings' => ['insulation' => [$reading('19.5'), $reading('0')]]]);
            self::fail('it is taken');
        } catch (BadDocument $refused) {
            self::assertSame(
                ['readings.insulation[1].typed', 'is 0: type what the instrument says.'],
                [$refused->problems[0]->path, $refused->problems[0]->message],
            );
        }
    }

    /**
     * @param array<string, mixed> $file
     *
     * @return array<string, mixed>
     */
    private static function readAndWritten(array $file): array
    {
        return AsFoundFile::write(Fields::read($file, AsFoundFile::read(...)));
    }
}
