<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\DoneOrder;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\LeftSafe;
use Berm\Core\Build\Event\Noted;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Build\Gate;
use Berm\Core\Build\Timing;
use Berm\Core\Cable\End;
use Berm\Core\Job\ObstacleCode;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * What was made without signal arrives late. The log is in the order of its arrival; what counts follows the order of doing, then the
 * id, and of two answers whose authors did not know of each other the first counts until the other's author decides.
 */
final class LateEntriesTest extends TestCase
{
    private const NOON = '2026-03-14T12:00:00Z';

    #[Test]
    public function threeDevicesInAnyOrderOfArrivalGiveOneState(): void
    {
        $base = [self::atOnce('00', 'Ada', '08:00', Written::safe())];
        $queues = [
            [self::late('10', 'Ada', '09:00', self::cut('186')), self::late('13', 'Ada', '10:05', self::cut('186.5'))],
            [self::late('11', 'Bo', '09:30', new Noted('water in the pit', '')), self::late('14', 'Bo', '10:10', self::cut('189'))],
            [self::late('12', 'Cy', '09:00', self::cut('57', Cut::Insulation)), self::late('15', 'Cy', '10:05', new LeftSafe('a bag'))],
        ];
        $states = [];
        foreach (self::interleavings($queues) as $arrived) {
            $states[] = self::told(BuildState::fold([...$base, ...$arrived]));
        }
        self::assertCount(90, $states);
        self::assertSame([$states[0]], array_values(array_unique($states, \SORT_REGULAR)));
        self::assertSame(
            ['screen' => '186.5', 'insulation' => '57', 'unsettled' => ['14 asked, 13 counts'], 'left' => true, 'safe' => false],
            $states[0],
        );
    }

    #[Test]
    public function whatWasDoneFirstCountsUntilTheOthersAuthorDecides(): void
    {
        $early = self::late('10', 'Ada', '10:05', self::cut('186'));
        $later = self::late('11', 'Bo', '10:10', self::cut('189'));
        foreach ([[$early, $later], [$later, $early]] as $arrived) {
            $state = self::told(BuildState::fold($arrived));
            self::assertSame('186', $state['screen']);
            self::assertSame(['11 asked, 10 counts'], $state['unsettled']);
            $again = [...$arrived, self::atOnce('20', 'Bo', '11:00', self::cut('189'))];
            self::assertSame(['189', []], self::screen($again), 'its author measured again, knowing of both');
            $back = [...$arrived, self::atOnce('20', 'Bo', '11:00', new Withdrawn(self::id('11'), 'slip'))];
            self::assertSame(['186', []], self::screen($back), 'its author took it back');
            $other = [...$arrived, self::atOnce('20', 'Ada', '11:00', new Withdrawn(self::id('10'), 'slip'))];
            self::assertSame(['189', []], self::screen($other), 'the other was taken back');
        }
    }

    /** Who measured twice without knowing of the other is asked once, about what they said last. */
    #[Test]
    public function nobodyIsAskedAboutWhatTheyHaveCorrectedThemselves(): void
    {
        $log = [
            self::late('10', 'Ada', '10:05', self::cut('186')), self::late('11', 'Bo', '10:10', self::cut('189')),
            self::late('12', 'Bo', '10:20', self::cut('188')),
        ];
        self::assertSame(['186', ['12 asked, 10 counts']], self::screen($log));
        $back = [...$log, self::atOnce('20', 'Bo', '11:00', new Withdrawn(self::id('12'), 'slip'))];
        self::assertSame(['186', ['11 asked, 10 counts']], self::screen($back), 'then the one before it stands again');
        self::assertSame(['188', []], self::screen([...$log, self::atOnce('20', 'Bo', '11:00', self::cut('188'))]));
    }

    /** What each knew is what tells a new answer from one beside it. */
    #[Test]
    public function whoKnewOfTheOtherAnswersAnew(): void
    {
        $early = self::late('10', 'Ada', '10:05', self::cut('186'));
        $later = self::late('11', 'Bo', '10:10', self::cut('189'), 1);
        self::assertSame(['189', []], self::screen([$early, $later]), 'one line had reached Bo');
        self::assertSame(['186', ['11 asked, 10 counts']], self::screen([$early, self::late('11', 'Bo', '10:10', self::cut('189'), 0)]));
        self::assertSame(['189', []], self::screen([$early, self::late('11', 'Ada', '10:10', self::cut('189'), 0)]), 'their own they know');
        self::assertSame(['186', []], self::screen([$early, self::late('11', 'Bo', '10:10', self::cut('186'), 0)]), 'both say the same');
        $another = self::late('11', 'Bo', '10:10', self::cut('189', Cut::Oversheath));
        self::assertSame(['186', []], self::screen([$early, $another]), 'another cut');
        $online = self::atOnce('11', 'Bo', '10:10', self::cut('189'));
        self::assertSame(['189', []], self::screen([$early, $online]), 'it had arrived before');
        self::assertSame(['186', ['11 asked, 10 counts']], self::screen([$online, $early]), 'it had not');
    }

    /** The clock of a server is put right now and then. */
    #[Test]
    public function aClockSetBackReordersNothingThatArrivedAtOnce(): void
    {
        $log = [
            self::atOnce('10', 'Ada', '10:00', self::cut('186')), self::atOnce('11', 'Bo', '09:30', self::cut('187')),
            self::atOnce('12', 'Ada', '09:31', self::cut('188')), self::late('09', 'Cy', '09:00', new Noted('early', '')),
        ];
        self::assertSame(['09', '10', '11', '12'], self::order($log));
        self::assertSame('188', self::screen($log)[0]);
    }

    /** A queue is sent one after another, each a little longer on its way: half a minute must not turn it round. */
    #[Test]
    public function whatOnePersonMadeStaysInTheirOrder(): void
    {
        $log = [self::late('10', 'Ada', '10:00:30', self::cut('186')), self::late('11', 'Ada', '10:00:00', self::cut('187'))];
        self::assertSame(['10', '11'], self::order($log));
        $two = [self::late('10', 'Ada', '10:30', self::cut('186')), self::late('11', 'Ada', '10:00', self::cut('187'))];
        self::assertSame(['11', '10'], self::order($two), 'a clock that is wrong by half an hour says nothing of the order');
        $others = [self::late('10', 'Ada', '10:00:30', self::cut('186')), self::late('11', 'Bo', '10:00:00', self::cut('187'))];
        self::assertSame(['11', '10'], self::order($others));
    }

    #[Test]
    public function atTheSameMomentTheIdDecides(): void
    {
        $log = [self::late('12', 'Bo', '10:00', self::cut('187')), self::late('11', 'Ada', '10:00', self::cut('186'))];
        self::assertSame(['11', '12'], self::order($log));
        self::assertSame(['11', '12'], self::order(array_reverse($log)));
    }

    #[Test]
    public function itStandsInTheWayOfWhatCannotBeUndoneAndOfNothingElse(): void
    {
        $job = Example::read(Example::joint())->job;
        $entries = [
            self::atOnce('00', 'Ada', '08:00', Written::safe()), self::late('10', 'Ada', '10:05', self::cut('186')),
            self::late('11', 'Bo', '10:10', self::cut('189')),
        ];
        $plan = Plan::ofLog($job, $entries);
        $found = array_values(array_filter($plan->obstacles, static fn ($one): bool => ObstacleCode::Unsettled === $one->code));
        self::assertCount(1, $found);
        self::assertStringContainsString('until {second} measures again', $found[0]->reason->template);
        self::assertTrue($found[0]->bars(new ConnectorFitted(''), $plan->build));
        self::assertFalse($found[0]->bars(self::cut('187'), $plan->build));
        self::assertNull((new Gate($plan))->refusal(new Noted('it goes on', '')));
        self::assertNotSame('Say which of two answers counts', $plan->next()->title->template);
    }

    /**
     * @param list<Entry> $log
     *
     * @return array{string, list<string>}
     */
    private static function screen(array $log): array
    {
        $told = self::told(BuildState::fold($log));

        return [$told['screen'], $told['unsettled']];
    }

    /** @return array{screen: string, insulation: string, unsettled: list<string>, left: bool, safe: bool} */
    private static function told(BuildState $state): array
    {
        $unsettled = [];
        foreach ($state->unsettled as $one) {
            $unsettled[] = substr($one->asked->id, -2).' asked, '.substr($one->counts->id, -2).' counts';
        }

        return [
            'screen' => $state->cut(MarkPlace::of(End::A, Cut::InsulationScreen))->event->reading->typed ?? '',
            'insulation' => $state->cut(MarkPlace::of(End::A, Cut::Insulation))->event->reading->typed ?? '',
            'unsettled' => $unsettled, 'left' => null !== $state->left(), 'safe' => null !== $state->safety,
        ];
    }

    /**
     * @param list<Entry> $log
     *
     * @return list<string>
     */
    private static function order(array $log): array
    {
        return array_map(static fn (Entry $entry): string => substr($entry->id, -2), DoneOrder::of($log));
    }

    /**
     * @param list<list<Entry>> $queues each in its own order
     *
     * @return iterable<list<Entry>>
     */
    private static function interleavings(array $queues): iterable
    {
        if ([] === array_filter($queues)) {
            yield [];
        }
        foreach ($queues as $i => $queue) {
            if ([] === $queue) {
                continue;
            }
            $left = $queues;
            array_shift($left[$i]);
            foreach (self::interleavings($left) as $rest) {
                yield [$queue[0], ...$rest];
            }
        }
    }

    private static function cut(string $typed, Cut $cut = Cut::InsulationScreen): Event
    {
        return new CutMeasured(MarkPlace::of(End::A, $cut), Reading::typed($typed, LengthUnit::Millimetre, Instrument::SteelRule));
    }

    private static function atOnce(string $id, string $by, string $at, Event $event): Entry
    {
        return Entry::of(self::id($id), $by, new \DateTimeImmutable("2026-03-14T{$at}Z"), $event);
    }

    /** Made without signal when one line was there: the confirmation. */
    private static function late(string $id, string $by, string $doneAt, Event $event, int $heard = 0): Entry
    {
        $timing = Timing::kept(new \DateTimeImmutable("2026-03-14T{$doneAt}Z"), false, null, $heard);

        return Entry::of(self::id($id), $by, new \DateTimeImmutable(self::NOON), $event, $timing);
    }

    private static function id(string $end): string
    {
        return "0195a000-0000-7000-8000-0000000000$end";
    }
}
