<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\Event;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\HandedOver;
use Berm\Core\Build\Event\KitDated;
use Berm\Core\Build\Event\Noted;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Cable\End;
use Berm\Core\File\Fields;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Record\Facts;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What is signed for is what stands in the log then, whole, and nothing that comes after it. Common practice. */
final class HandedOverTest extends TestCase
{
    #[Test]
    public function nothingIsHandedOverThatIsNotDone(): void
    {
        $begun = Written::plan(self::job(), [Written::safe()]);
        self::assertSame(
            'It cannot be handed over yet. Not complete: 35 of 35 tasks are open.', Written::refusal($begun, new HandedOver('Somebody')),
        );
        self::assertNull(Written::refusal(Written::plan(self::job(), self::done()), new HandedOver('Somebody')));
    }

    #[Test]
    public function itIsHandedOverOnce(): void
    {
        $plan = Written::plan(self::job(), [...self::done(), new HandedOver('Somebody')]);
        self::assertTrue($plan->completion()->isComplete());
        self::assertSame(
            'It is handed over already: withdraw that first.', Written::refusal($plan, new HandedOver('Somebody else')),
        );
        self::assertSame('Read the record', $plan->next()->title->template);
        self::assertStringContainsString('tester, signed for by Somebody, 14 Mar 2026', self::fact($plan));
    }

    #[Test]
    public function whatIsWrittenAfterItWasNotSignedFor(): void
    {
        $handed = [...self::done(), new HandedOver('Somebody')];
        $last = \count($handed) - 1;
        foreach ([new Withdrawn("entry-$last", 'slip'), new Withdrawn('entry-'.($last - 1), 'slip'), self::dated()] as $later) {
            $plan = Written::plan(self::job(), [...$handed, $later]);
            self::assertFalse($plan->completion()->isComplete(), $later::class);
            self::assertSame('not yet', self::fact($plan));
        }
        $noted = Written::plan(self::job(), [...$handed, new Noted('Gate locked.', '')]);
        self::assertTrue($noted->completion()->isComplete(), 'a note changes nothing of it');
        $takenBack = [...$handed, new Noted('Gate locked.', ''), new Withdrawn('entry-'.($last + 1), 'it was open')];
        self::assertTrue(Written::plan(self::job(), $takenBack)->completion()->isComplete(), 'nor does one that is taken back');
        $again = Written::plan(self::job(), [...$handed, self::dated(), new HandedOver('Somebody')]);
        self::assertTrue($again->completion()->isComplete(), 'signed for anew');
    }

    private static function dated(): KitDated
    {
        return Fields::read(['keepsUntil' => '2031-01-31'], KitDated::read(...));
    }

    private static function job(): Job
    {
        return Example::read(Example::joint())->job;
    }

    /** @return list<Event> all that this job asks for */
    private static function done(): array
    {
        $plan = Written::plan(self::job(), [Written::safe()]);
        $parks = array_map(
            static fn (Item $item): PartParked => new PartParked(End::A, $item->key), $plan->sheet?->parkedItems() ?? [],
        );
        $cuts = array_map(static fn (Mark $mark): CutMeasured => new CutMeasured($mark->place, Reading::typed(
            LengthFormat::exactMillimetres($mark->at), LengthUnit::Millimetre, Instrument::SteelRule,
        )), $plan->markOut?->all() ?? []);

        return [Written::safe(), ...$parks, ...$cuts, new ConnectorFitted('')];
    }

    private static function fact(Plan $plan): string
    {
        $read = new Reader(LengthUnit::Millimetre);
        foreach (Facts::of($plan) as $fact) {
            if ('Handed over' === $fact->label->template) {
                return $read->say($fact->value);
            }
        }
        self::fail('it says whether it is handed over');
    }
}
