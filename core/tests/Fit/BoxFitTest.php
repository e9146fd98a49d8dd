<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Fit;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\KitDated;
use Berm\Core\Fit\Criterion;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\Outcome;
use Berm\Core\Job\Plan;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class BoxFitTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, Criterion, Outcome, string}> */
    public static function boxes(): iterable
    {
        yield 'in date' => [[], Criterion::ShelfLife, Outcome::Fits, 'The box keeps until 2026-11-25; it was opened on 2026-11-25.'];
        yield 'a day over' => [
            ['expiresOn' => '2026-11-24'],
            Criterion::ShelfLife,
            Outcome::DoesNotFit,
            'The box kept until 2026-11-24 and was opened on 2026-11-25.',
        ];
        yield 'no date' => [
            ['expiresOn' => null],
            Criterion::ShelfLife,
            Outcome::CannotTell,
            'Neither its label nor its sheet tells how long the box keeps: ask its maker by its batch.',
        ];
        yield 'the right item' => [[], Criterion::BoxItem, Outcome::Fits, 'The box opened is of this kit and size, batch B1.'];
        yield 'another item' => [
            ['item' => '09506000134369'],
            Criterion::BoxItem,
            Outcome::DoesNotFit,
            'The box opened is item 09506000134369; size M of this kit is item 09506000134352. Open the right one, or choose the kit again.',
        ];
        yield 'complete' => [[], Criterion::BoxContents, Outcome::Fits, 'Everything was in the box.'];
        yield 'something missing' => [
            ['missing' => ['outer-sleeve']],
            Criterion::BoxContents,
            Outcome::DoesNotFit,
            'Missing from the box: outer sleeve. Take another one.',
        ];
    }

    /** @param array<string, mixed> $box */
    #[Test]
    #[DataProvider('boxes')]
    public function theBoxThatWasOpenedIsJudgedWithTheKit(array $box, Criterion $criterion, Outcome $outcome, string $says): void
    {
        $job = Example::with(Example::joint(), 'kit.sheet.sizes.0.gtin', '09506000134352');
        $event = array_filter(
            [
                'kind' => 'box-opened',
                'box' => 'box-1',
                'item' => '09506000134352',
                'batch' => 'B1',
                'serial' => '',
                'expiresOn' => '2026-11-25',
                'missing' => [],
                ...$box,
            ],
            static fn (mixed $value): bool => null !== $value,
        );
        $file = Example::read(Example::with(
            $job, 'log', [['id' => 'e1', 'by' => 'Somebody', 'at' => '2026-11-25T07:30:00+00:00', 'event' => $event]],
        ));
        foreach (Plan::of($file->job, BuildState::fold($file->log))->kitFit->findings ?? [] as $finding) {
            if ($finding->criterion === $criterion) {
                self::assertSame([$outcome, $says], [$finding->outcome, (new Reader(LengthUnit::Millimetre))->say($finding->reason)]);

                return;
            }
        }
        self::fail("no finding of $criterion->value");
    }

    #[Test]
    public function whereNoBoxWasOpenedInBermTheKitsDateIsAskedAndThenJudged(): void
    {
        $job = Example::read(Example::joint())->job;
        $shelfLife = static fn (Event ...$events): array => array_values(array_filter(
            Written::plan($job, array_values($events))->kitFit->findings ?? [],
            static fn (Finding $finding): bool => Criterion::ShelfLife === $finding->criterion,
        ));
        self::assertSame(
            [Outcome::CannotTell, false], [$shelfLife()[0]->outcome, $shelfLife()[0]->stops], 'it is asked, and stops nothing',
        );
        self::assertSame(
            [Outcome::Fits],
            array_column($shelfLife(new KitDated('B7', new \DateTimeImmutable('2026-03-14'))), 'outcome'),
            'the last day belongs to it',
        );
        self::assertSame(
            [Outcome::DoesNotFit], array_column($shelfLife(new KitDated('B7', new \DateTimeImmutable('2026-03-13'))), 'outcome'),
        );
    }
}
