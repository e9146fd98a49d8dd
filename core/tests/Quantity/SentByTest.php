<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Quantity;

use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\File\ReadingFile;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Reading;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A reading that an instrument sent is as true as its own record says, and tells which instrument it was. */
final class SentByTest extends TestCase
{
    private const BY = ['serial' => 'K-2207', 'readAt' => '2026-03-14T09:30:00+01:00'];

    #[Test]
    public function theUncertaintyOfItsCertificateTakesThePlaceOfThatOfItsKind(): void
    {
        $window = Range::between(Length::ofMillimetres(55), Length::ofMillimetres(58));
        self::assertSame('inside', Judgement::ofReading(self::sent([]), $window)->verdict->value, 'a caliper, ± 0.05 mm');
        $coarse = self::sent(['uncertainty' => '0.07 mm']);
        self::assertSame(70_000, $coarse->uncertainty()->nanometres);
        self::assertSame('not-proved', Judgement::ofReading($coarse, $window)->verdict->value);
    }

    /** The last day on which it holds belongs to it, by the day of the reading. */
    #[Test]
    public function outOfCalibrationIsSaid(): void
    {
        self::assertSame('caliper K-2207', self::sent(['calibratedUntil' => '2026-03-14'])->byWhat());
        self::assertSame('caliper K-2207, OUT OF CALIBRATION since 13 Mar 2026', self::sent(['calibratedUntil' => '2026-03-13'])->byWhat());
        self::assertSame('caliper K-2207, calibration not known', self::sent([])->byWhat());
    }

    #[Test]
    public function itIsWrittenAsItWasRead(): void
    {
        $file = ReadingFile::write(self::sent(['calibratedUntil' => '2027-03-01', 'uncertainty' => '0.03 mm']));
        self::assertSame($file, ReadingFile::write(Fields::read($file, ReadingFile::read(...))));
        self::assertSame('2027-03-01', $file['sentBy']['calibratedUntil'] ?? null);
        self::assertSame('0.03 mm', $file['sentBy']['uncertainty'] ?? null);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'no serial' => [['serial' => ''], 'sentBy.serial'];
        yield 'no moment' => [['readAt' => 'noon'], 'sentBy.readAt'];
        yield 'no day' => [['calibratedUntil' => '2026-02-30'], 'sentBy.calibratedUntil'];
        yield 'certain' => [['uncertainty' => '0 mm'], 'sentBy.uncertainty'];
        yield 'blind' => [['uncertainty' => '5.001 mm'], 'sentBy.uncertainty'];
        yield 'no unit' => [['uncertainty' => '0.03'], 'sentBy.uncertainty'];
    }

    /** @param array<string, mixed> $by */
    #[Test]
    #[DataProvider('bad')]
    public function whatIsWrongIsNamed(array $by, string $path): void
    {
        try {
            self::sent($by);
            self::fail('taken');
        } catch (BadDocument $error) {
            self::assertSame([$path], array_column($error->problems, 'path'));
        }
    }

    /** @param array<string, mixed> $by */
    private static function sent(array $by): Reading
    {
        return Fields::read(
            ['typed' => '55.06', 'unit' => 'mm', 'instrument' => 'caliper', 'sentBy' => [...self::BY, ...$by]], ReadingFile::read(...),
        );
    }
}
