<?php

declare(strict_types=1);

namespace App\Tests\Persistence;

use App\Persistence\CachedPlans;
use App\UseCase\Boxes;
use App\UseCase\Jobs;
use App\UseCase\Pictures;
use App\UseCase\PlanJob;
use App\UseCase\ReturnedToShelf;
use App\UseCase\SentAs;
use App\UseCase\Sheets;
use App\UseCase\SheetWithdrawals;
use App\UseCase\Who;
use App\UseCase\WriteEntry;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Cable\End;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use PHPUnit\Framework\Attributes\Test;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Symfony\Component\Uid\Uuid;

/** What follows from a job is worked out once for each state that it was in. */
final class PlannedOnceTest extends KernelTestCase
{
    private const HALF_CUT = '019aa100-0000-7000-8000-000000000002';

    #[Test]
    public function anEntryPlansTheJobOnceAndNotBeforeAndAfter(): void
    {
        $kept = new ArrayAdapter();
        $services = self::getContainer();
        $jobs = $services->get(Jobs::class);
        $plan = new PlanJob($services->get(Sheets::class), new CachedPlans($kept, 'test'), $services->get(SheetWithdrawals::class));
        $write = new WriteEntry(
            $jobs, $plan, new ReturnedToShelf($services->get(Boxes::class)), $services->get(Pictures::class),
            $services->get(ClockInterface::class),
        );
        $write(self::HALF_CUT, SentAs::now(Uuid::v7()->toRfc4122()), self::cut('57.5'), Who::program('Test'));
        self::assertCount(2, $kept->getValues(), 'nobody had looked at the job before');
        $written = $write(self::HALF_CUT, SentAs::now(Uuid::v7()->toRfc4122()), self::cut('57.6'), Who::program('Test'));
        self::assertCount(3, $kept->getValues(), 'as it was before is known from the entry before');
        self::assertEquals($written->after->plan, $plan($jobs->get(self::HALF_CUT)));
        self::assertCount(3, $kept->getValues(), 'nor is it worked out again to be shown');
    }

    private static function cut(string $typed): CutMeasured
    {
        return new CutMeasured(
            MarkPlace::of(End::A, Cut::Insulation), Reading::typed($typed, LengthUnit::Millimetre, Instrument::SteelRule),
        );
    }
}
