<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Check;

use Berm\Core\Check\Circumstances;
use Berm\Core\Check\Look;
use Berm\Core\Check\Looked;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\Formula\Values;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A press tells its die and force with a look at a crimp: another die than the barrel asks for is out, whoever says yes. */
final class PressedTest extends TestCase
{
    private const PRESS = [
        'die' => 'B 25', 'force' => '60.4 kN',
        'sentBy' => ['serial' => 'P-6030', 'readAt' => '2026-03-14T09:30:00+01:00', 'calibratedUntil' => '2026-03-01'],
    ];

    #[Test]
    public function theDieOfThePressIsHeldAgainstTheBarrels(): void
    {
        self::assertSame('inside', self::verdict('B 25'));
        self::assertSame('inside', self::verdict('b  25'), 'capitals and spaces are not minded');
        self::assertSame('inside', self::verdict(''), 'the connector names none');
        self::assertSame('out', self::verdict('B 28'));
    }

    #[Test]
    public function theRecordTellsDieForceAndPress(): void
    {
        $looked = self::looked(self::PRESS);
        self::assertSame('yes, die B 25, 60.4 kN, by press P-6030, OUT OF CALIBRATION since 1 Mar 2026', $looked->inWords());
        self::assertEquals($looked, Fields::read($looked->write(), Looked::read(...)));
    }

    #[Test]
    public function itReportsOneCrimpAndAForceWithItsUnit(): void
    {
        self::assertSame(['press.force'], self::faults(['seen' => true, 'press' => ['force' => '60'] + self::PRESS]));
        self::assertSame(['press'], self::faults(['seen' => true, 'together' => 4, 'press' => self::PRESS]));
    }

    private static function verdict(string $asked): string
    {
        $circumstances = new Circumstances(Values::of([]), null, null, die: $asked);

        return (new Look())->judge(self::looked(self::PRESS), $circumstances)->verdict->value;
    }

    /** @param array<string, mixed> $press */
    private static function looked(array $press): Looked
    {
        return Fields::read(['seen' => true, 'press' => $press], Looked::read(...));
    }

    /**
     * @param array<string, mixed> $file
     *
     * @return list<string>
     */
    private static function faults(array $file): array
    {
        try {
            Fields::read($file, Looked::read(...));
        } catch (BadDocument $error) {
            return array_column($error->problems, 'path');
        }

        return [];
    }
}
