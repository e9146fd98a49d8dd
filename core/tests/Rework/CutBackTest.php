<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Rework;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\DeviationAccepted;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Build\Task;
use Berm\Core\Build\WorkKind;
use Berm\Core\Cable\End;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Rework\Aftermath;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * A strip that was made too long cannot be put back: the end is sawn off by so much, and marked out anew. Common practice; what holds and
 * what does not is geometry.
 */
final class CutBackTest extends TestCase
{
    private const JOINT = 'quillon-straight-12';

    #[Test]
    public function whatWasCutLiesNearerToTheEndByAsMuch(): void
    {
        $job = Spoilt::insideOut(self::JOINT, Length::ofMillimetres(8));
        $place = MarkPlace::of(End::A, Cut::Insulation);
        self::assertSame(Verdict::Out, self::verdict($job, $place));
        self::assertSame('34.7 mm ± 0.5 mm', self::told($job, $place));
        self::assertNull($job->write(self::sawn('10 mm')));
        self::assertSame('24.7 mm ± 1 mm, 10 mm off', self::told($job, $place), 'by one rule and another');
        self::assertSame(Verdict::Inside, self::verdict($job, $place));
        self::assertSame(Verdict::Out, self::verdict($job, MarkPlace::of(End::A, Cut::Oversheath)), 'short by as much now');
        self::assertNull($job->write(self::sawn('2 mm')));
        self::assertSame('22.7 mm ± 1.5 mm, 12 mm off', self::told($job, $place), 'both');
        self::assertNull($job->write(new Withdrawn($job->last()->id, 'slip')));
        self::assertSame('24.7 mm ± 1 mm, 10 mm off', self::told($job, $place));
    }

    /** What follows from it is withdrawn before it. */
    #[Test]
    public function itIsTakenBackUntilTheFirstCutByIt(): void
    {
        $job = Spoilt::insideOut(self::JOINT, Length::ofMillimetres(8));
        self::assertNull($job->write(self::sawn('10 mm')));
        $sawn = $job->last()->id;
        self::assertNull($job->again()->write(new Withdrawn($sawn, 'slip')));
        $event = Built::next($job->plan);
        while (null !== $event && !$event instanceof CutMeasured) {
            self::assertNull($job->write($event));
            $event = Built::next($job->plan);
        }
        self::assertInstanceOf(CutMeasured::class, $event);
        self::assertNull($job->write($event));
        self::assertSame('A cut was made by it since: withdraw that first.', $job->write(new Withdrawn($sawn, 'slip')));
        self::assertNull($job->write(new Withdrawn($job->last()->id, 'slip')));
        self::assertNull($job->write(new Withdrawn($sawn, 'slip')));
    }

    #[Test]
    public function whatIsReadSinceIsAsItWasRead(): void
    {
        $job = Spoilt::insideOut(self::JOINT, Length::ofMillimetres(8));
        self::assertNull($job->write(self::sawn('10 mm')));
        while (null !== ($event = Built::next($job->plan)) && !$event instanceof ConnectorFitted) {
            self::assertNull($job->write($event));
        }
        $place = MarkPlace::of(End::A, Cut::Oversheath);
        self::assertSame('208.7 mm ± 0.05 mm', self::told($job, $place), 'by the caliper, and nothing taken off');
    }

    /** What went with the piece that was sawn off is not there any more. */
    #[Test]
    public function aCutThatWentWithThePieceIsMadeAnew(): void
    {
        $job = Spoilt::insideOut(self::JOINT, Length::ofMillimetres(8));
        self::assertNull($job->write(self::sawn('300 mm')));
        self::assertNull($job->plan->build->cut(MarkPlace::of(End::A, Cut::Insulation)));
        self::assertNull($job->toTheEnd());
    }

    #[Test]
    public function theOtherEndStaysAsItIs(): void
    {
        $job = Spoilt::insideOut(self::JOINT, Length::ofMillimetres(8));
        $held = self::verdict($job, MarkPlace::of(End::B, Cut::Oversheath));
        self::assertNull($job->write(new CutBack(End::A, Spoilt::reading(Length::ofMillimetres(10)), 'too far')));
        self::assertSame($held, self::verdict($job, MarkPlace::of(End::B, Cut::Oversheath)));
    }

    /** It was given for what lay there then. */
    #[Test]
    public function whatWasLetStandIsAskedAgain(): void
    {
        $job = Spoilt::insideOut(self::JOINT, Length::ofMillimetres(8));
        $place = MarkPlace::of(End::A, Cut::Insulation);
        self::assertNull($job->write(new DeviationAccepted($place, 'filled')));
        $mark = $job->plan->markOut?->mark(End::A, Cut::Insulation) ?? self::fail('it is marked out');
        self::assertNotNull($job->plan->build->acceptance($mark));
        self::assertNull($job->write(self::sawn('4 mm')));
        self::assertNull($job->plan->build->acceptance($mark));
        self::assertSame(Verdict::Out, self::verdict($job, $place), 'by half of it');
    }

    #[Test]
    public function itIsRefusedWhereItCannotBe(): void
    {
        $job = Spoilt::insideOut(self::JOINT, Length::ofMillimetres(8));
        self::assertSame('6000 mm sawn off is not of this trade: check the unit.', $job->write(self::sawn('6000 mm')));
        self::assertNull($job->write(self::sawn('10 mm')));
        for ($i = 0; $i < 40 && null === $job->plan->build->connector; ++$i) {
            $next = Built::next($job->plan) ?? self::fail('it is not fitted yet');
            self::assertNull($job->write($next));
        }
        self::assertInstanceOf(ConnectorFitted::class, $job->last()->event);
        self::assertStringStartsWith('The connector is on', (string) $job->write(self::sawn('10 mm')));
    }

    /** @return iterable<string, array{string, string}> sheet and part */
    public static function inTheWay(): iterable
    {
        yield 'off its place' => ['marlpike-drawn-24', 'Marker'];
        yield 'on what is cut further back' => ['quillon-armour-12', 'Armour ring'];
    }

    /** What is set does not move with the end: it is said that it comes off, and asked for again. */
    #[Test]
    #[DataProvider('inTheWay')]
    public function whatIsSetThereComesOffAndIsSetAgain(string $sheet, string $part): void
    {
        $job = Spoilt::insideOut($sheet, Length::ofMillimetres(8));
        $off = array_map(static fn (Item $item): string => $item->name, Aftermath::of($job->plan, self::sawn('9 mm'))->comesOff());
        self::assertContains($part, $off);
        $set = self::isSet($job, $part);
        self::assertNotContains(false, $set, 'it lies there');
        self::assertNull($job->write(self::sawn('9 mm')));
        self::assertContains(false, self::isSet($job, $part), 'at end A it is off');
        self::assertNull($job->toTheEnd());
        self::assertNotContains(false, self::isSet($job, $part), 'and set again');
    }

    /** @return list<bool> of each place that it was reached for */
    private static function isSet(Spoilt $job, string $part): array
    {
        $tasks = array_filter($job->plan->progress?->tasks() ?? [], static fn (Task $task): bool => End::B !== $task->where->end
            && WorkKind::Set === $task->work?->how && $part === $task->item?->name);

        return array_map(static fn (Task $task): bool => $task->isDone, array_values($tasks));
    }

    /** From screen to screen: with the end that is shorter, it is another length. Whoever measured it may not have heard of that. */
    #[Test]
    public function aLengthBetweenTheEndsIsMeasuredAnewInEitherOrderOfArrival(): void
    {
        [$job, $log, $across] = self::beforeALengthAcross('harrow-sock-28');
        $before = Plan::ofLog($job, $log);
        $at = new \DateTimeImmutable('2026-03-14T18:00:00Z');
        $sawn = self::sawn('3 mm');
        $withCheck = [...$log, $before->entry('across', 'ida', $at, $across)];
        $late = $before->entry('sawn', 'bo', $at, $sawn, null, Plan::ofLog($job, $withCheck));
        self::assertArrayHasKey('across', Plan::ofLog($job, [...$withCheck, $late])->build->fallen, 'measured first, sawn unheard');
        $withSawn = [...$log, $before->entry('sawn', 'bo', $at, $sawn)];
        $whole = Plan::ofLog($job, $withSawn);
        $unheard = $before->entry('across', 'ida', $at, $across, null, $whole);
        self::assertArrayHasKey('across', Plan::ofLog($job, [...$withSawn, $unheard])->build->fallen, 'sawn first, measured unheard');
        $heard = $whole->entry('across', 'ida', $at, $across);
        self::assertArrayNotHasKey('across', Plan::ofLog($job, [...$withSawn, $heard])->build->fallen, 'measured since');
    }

    /** @return array{Job, list<Entry>, CheckMade} what was done before a length between the two ends is asked for, and that length */
    private static function beforeALengthAcross(string $sheet): array
    {
        $job = Demo::corner($sheet);
        foreach (Built::stepByStep($job) as $task => $built) {
            $event = true === $task->check?->measure()?->isAcross && null !== $built->plan ? Built::next($built->plan) : null;
            if ($event instanceof CheckMade) {
                return [$job, $built->log, $event];
            }
        }
        self::fail('no such length is asked for');
    }

    /** @return iterable<string, array{string}> one sheet of each make of end here; every one with BERM_BUILDS=all, by ./berm builds */
    public static function sheets(): iterable
    {
        $few = ['harrow-sock-28', 'quillon-straight-12', 'osterwick-outdoor-3c-12', 'marlpike-pushed-12', 'quillon-ribbed-36'];
        foreach ('all' === getenv('BERM_BUILDS') ? Demo::second() : $few as $sheet) {
            yield $sheet => [$sheet];
        }
    }

    /** By what is offered and with exact readings, it comes to a complete accessory. */
    #[Test]
    #[DataProvider('sheets')]
    public function anEndThatIsCutBackIsBuiltToTheEnd(string $sheet): void
    {
        $job = Spoilt::insideOut($sheet, Length::ofMillimetres(8));
        $mark = $job->plan->markOut?->mark(End::A, Cut::Insulation, 1) ?? self::fail('it is marked out');
        $off = $job->plan->build->cut($mark->place)?->event->reading->value->minus($mark->at) ?? self::fail('it was measured');
        self::assertNull($job->write(new CutBack(End::A, Spoilt::reading($off), 'too far')));
        self::assertNull($job->toTheEnd());
    }

    private static function sawn(string $by): CutBack
    {
        return new CutBack(End::A, Spoilt::reading(Length::parseWithUnit($by)), 'cut too far');
    }

    private static function verdict(Spoilt $job, MarkPlace $place): ?Verdict
    {
        $mark = $job->plan->markOut?->mark($place->end, $place->cut, $place->core);

        return null === $mark ? null : $job->plan->build->judgementOf($mark)?->verdict;
    }

    private static function told(Spoilt $job, MarkPlace $place): string
    {
        $reading = $job->plan->build->cut($place)->event->reading ?? self::fail('it was cut');
        $off = null === $reading->sawnOff ? '' : ", {$reading->sawnOff->toText()} off";

        return "{$reading->value->toText()} ± {$reading->uncertainty()->toText()}$off";
    }
}
