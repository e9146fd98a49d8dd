<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\ImpossibleTime;
use Berm\Core\Build\Timing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The device's clock may be wrong, but it goes as fast as the server's. */
final class TimingTest extends TestCase
{
    private const NOW = '2026-03-14 12:00:00';

    /**
     * @return iterable<string, array{string|null, string|null, string|null, string|null, bool}> made, sent, told; when it was done, and
     *                                                                                           whether told
     */
    public static function times(): iterable
    {
        yield 'at once' => ['2026-03-14 12:00:00', '2026-03-14 12:00:00', null, null, false];
        yield 'an hour in the trench' => ['2026-03-14 10:59:00', '2026-03-14 11:59:00', null, '2026-03-14 11:00:00', false];
        yield 'by a clock that is a year behind' => ['2025-03-14 10:00:00', '2025-03-14 10:30:00', null, '2026-03-14 11:30:00', false];
        yield 'told' => ['2026-03-14 12:00:00', '2026-03-14 12:00:00', '2026-03-14 09:15:00', '2026-03-14 09:15:00', true];
        yield 'nothing known' => [null, null, null, null, false];
        yield 'made, and nobody knows when it was sent' => ['2026-03-14 10:59:00', null, null, null, false];
        yield 'sent, and nobody knows when it was made' => [null, '2026-03-14 11:59:00', null, null, false];
    }

    #[Test]
    #[DataProvider('times')]
    public function howLongAnEntryWaitedIsKnown(?string $made, ?string $sent, ?string $told, ?string $doneAt, bool $isTold): void
    {
        $timing = Timing::sent(new \DateTimeImmutable(self::NOW), self::at($made), self::at($sent), self::at($told));
        self::assertSame(
            [$doneAt, $isTold, $made],
            [$timing->doneAt?->format('Y-m-d H:i:s'), $timing->isTold, $timing->deviceAt?->format('Y-m-d H:i:s')],
        );
    }

    /**
     * @return iterable<string, array{string|null, string|null, string|null, string, string}> made, sent, told; the field, and what is said
     */
    public static function impossible(): iterable
    {
        yield 'sent before it was made' => [
            '2026-03-14 12:00:01', '2026-03-14 12:00:00', null, 'sentAt', 'the clock of the device was set back',
        ];
        yield 'told for tomorrow' => [null, null, '2026-03-14 12:00:01', 'doneAt', 'lies ahead'];
        yield 'told for last year' => [null, null, '2026-01-13 11:59:59', 'doneAt', 'lies more than 60 days back'];
        yield 'kept for longer than anybody waits' => [
            '2026-01-01 00:00:00', '2026-03-14 12:00:00', null, 'doneAt', 'lies more than 60 days back',
        ];
    }

    #[Test]
    #[DataProvider('impossible')]
    public function whatCannotBeIsRefusedWithItsField(?string $made, ?string $sent, ?string $told, string $field, string $says): void
    {
        try {
            Timing::sent(new \DateTimeImmutable(self::NOW), self::at($made), self::at($sent), self::at($told));
            self::fail('it is taken');
        } catch (ImpossibleTime $refused) {
            self::assertSame($field, $refused->field);
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }

    #[Test]
    public function whatIsWrittenAtOnceWasToldByNobody(): void
    {
        $timing = Timing::atOnce();
        self::assertSame([null, false, null], [$timing->doneAt, $timing->isTold, $timing->deviceAt]);
    }

    #[Test]
    public function sixtyDaysToTheSecondAreTaken(): void
    {
        $timing = Timing::sent(new \DateTimeImmutable(self::NOW), null, null, self::at('2026-01-13 12:00:00'));
        self::assertSame('2026-01-13', $timing->doneAt?->format('Y-m-d'));
    }

    private static function at(?string $time): ?\DateTimeImmutable
    {
        return null === $time ? null : new \DateTimeImmutable($time);
    }
}
