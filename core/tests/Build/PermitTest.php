<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\Event;
use Berm\Core\Build\Event\LeftSafe;
use Berm\Core\Build\Event\Noted;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\SafetyConfirmed;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Gate;
use Berm\Core\Cable\End;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\File\LogFile;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A permit has its end: what is done at the cable after it is refused. Common practice. */
final class PermitTest extends TestCase
{
    #[Test]
    public function nothingIsDoneAtTheCableAfterThePermitEnded(): void
    {
        $park = new PartParked(End::A, 'outer-sleeve');
        self::assertNull(self::refusal($park, '16:59', '17:00'));
        self::assertNull(self::refusal($park, '17:00', '17:00'));
        self::assertTrue(self::refusal($park, '17:01', '17:00'));
        self::assertNull(self::refusal($park, '17:01', null), 'a permit without an end');
    }

    #[Test]
    public function whatLeavesItSafeAndConfirmsItAnewStaysOpen(): void
    {
        foreach ([
            new LeftSafe('a bag'), new Noted('the crane is late', ''), self::confirmed('18:00', null), new Withdrawn('entry-0', 'slip'),
        ] as $event) {
            self::assertNull(self::refusal($event, '19:00', '17:00'), $event::kind()->value);
        }
    }

    #[Test]
    public function everyKindOfEntrySaysWhetherItIsDoneAtTheCable(): void
    {
        $at = array_filter(EventKind::cases(), static fn (EventKind $kind): bool => $kind->isAtTheCable());
        self::assertSame(
            [
                'cut-measured', 'cut-back', 'core-cut-back', 'cut-out', 'part-parked', 'connector-fitted', 'applied', 'taken-off',
                'check-made', 'stage-finished',
            ],
            array_values(array_map(static fn (EventKind $kind): string => $kind->value, $at)),
        );
    }

    #[Test]
    public function anEndBeforeItWasConfirmedIsRefusedAtItsField(): void
    {
        $event = LogFile::writeEvent(self::confirmed('08:00', '17:00'));
        self::assertEquals(self::confirmed('08:00', '17:00'), Fields::read($event, LogFile::readEvent(...)));
        try {
            Fields::read([...$event, 'endsAt' => '2026-03-14T08:00:00Z'], LogFile::readEvent(...));
            self::fail('it ended as it began');
        } catch (BadDocument $bad) {
            self::assertSame('endsAt', $bad->problems[0]->path);
        }
    }

    /** True: because of the permit. */
    private static function refusal(Event $event, string $at, ?string $ends): ?bool
    {
        $plan = Written::plan(Example::read(Example::joint())->job, [self::confirmed('08:00', $ends)]);
        $refusal = (new Gate($plan))->refusal($event, self::at($at));

        return null === $refusal ? null : str_contains($refusal->template, 'had ended');
    }

    private static function confirmed(string $at, ?string $ends): SafetyConfirmed
    {
        return new SafetyConfirmed('P-2', 'Somebody', self::at($at), endsAt: null === $ends ? null : self::at($ends));
    }

    private static function at(string $at): \DateTimeImmutable
    {
        return new \DateTimeImmutable("2026-03-14T$at:00+00:00");
    }
}
