<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Rework;

use Berm\Core\Build\Event\BoxOpened;
use Berm\Core\Build\Event\CutOut;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Cable\End;
use Berm\Core\Material\Requirement;
use Berm\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A connector that is cut out again: what it takes with it, and what is done anew. Common practice. */
final class CutOutTest extends TestCase
{
    /** @return iterable<string, array{string}> sheets with stages and without, joints and terminations */
    public static function sheets(): iterable
    {
        foreach (['quillon-straight-12', 'harrow-elbow-600-25', 'thole-splice-15', 'harrow-sock-28', 'osterwick-lined-15'] as $sheet) {
            yield $sheet => [$sheet];
        }
    }

    #[Test]
    #[DataProvider('sheets')]
    public function anotherOneGoesOnAndItIsBuiltToTheEnd(string $sheet): void
    {
        $job = Spoilt::pastConnector($sheet, 6);
        self::assertNotNull($job->plan->build->connector);
        $cuts = \count($job->plan->markOut?->all() ?? []);
        self::assertNull($job->write(self::out($job)));
        self::assertNull($job->plan->build->connector);
        self::assertNull($job->plan->lock(), 'another one may be chosen');
        self::assertSame($cuts, \count($job->plan->markOut?->all() ?? []), 'it is marked out as before');
        self::assertNull($job->toTheEnd());
    }

    #[Test]
    public function itIsTakenBackAndAllIsAsItWas(): void
    {
        $job = Spoilt::pastConnector('harrow-sock-28', 6);
        $before = $job->plan->progress?->next()?->title;
        self::assertNull($job->write(self::out($job)));
        self::assertNull($job->write(new Withdrawn($job->last()->id, 'slip')));
        self::assertNotNull($job->plan->build->connector);
        self::assertEquals($before, $job->plan->progress?->next()?->title);
    }

    /** What was let shrink on is lost with it; another box has all of it again. */
    #[Test]
    public function whatWasSetIsLostUntilAnotherBoxIsOpened(): void
    {
        $job = Spoilt::atCheck('harrow-sock-28', 'near-lap', Length::ofMillimetres(-6));
        self::assertSame([], self::short($job));
        self::assertNull($job->write(self::out($job)));
        self::assertSame(['body' => 1], self::short($job));
        $item = $job->plan->job->size->gtin->digits ?? self::fail('it has a number');
        self::assertNull($job->write(new BoxOpened('box-2', $item, 'L8', '', null, null, [])));
        self::assertSame([], self::short($job));
    }

    #[Test]
    public function itIsRefusedWhereItCannotBe(): void
    {
        $joint = Spoilt::pastConnector('harrow-sock-28', 1);
        $lug = Spoilt::pastConnector('osterwick-lined-15', 1);
        $off = Spoilt::reading(Length::ofMillimetres(60));
        self::assertSame('Say how much went with it on end B, too.', $joint->write(new CutOut($off, null, 'r')));
        self::assertSame('A termination has one end: leave end B out.', $lug->write(new CutOut($off, $off, 'r')));
        $absurd = Spoilt::reading(Length::ofMillimetres(6000));
        self::assertSame('6000 mm sawn off is not of this trade: check the unit.', $joint->write(new CutOut($off, $absurd, 'r')));
        self::assertNull($joint->write(new CutOut($off, $off, 'r')));
        self::assertSame('Connector not fitted yet: there is nothing to cut out.', $joint->write(new CutOut($off, $off, 'r')));
    }

    private static function out(Spoilt $job): CutOut
    {
        $off = Spoilt::reading(Length::ofMillimetres(60));

        return new CutOut($off, isset($job->plan->job->cables[End::B->value]) ? $off : null, 'gap after crimping');
    }

    /** @return array<string, int|string> what the box is short of */
    private static function short(Spoilt $job): array
    {
        $short = array_filter($job->plan->materials, static fn (Requirement $one): bool => \is_int($one->lacking()));

        return array_column(array_map(
            static fn (Requirement $one): array => [$one->stock->key, $one->pieces - $one->count], array_values($short),
        ), 1, 0);
    }
}
