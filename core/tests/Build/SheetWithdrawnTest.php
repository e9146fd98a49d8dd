<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\Event\LeftSafe;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\WithdrawnAccepted;
use Berm\Core\Cable\End;
use Berm\Core\Job\Job;
use Berm\Core\Job\ObstacleCode;
use Berm\Core\Job\Step;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A revision that was found wrong stops what is built by it, and says so. */
final class SheetWithdrawnTest extends TestCase
{
    #[Test]
    public function nothingMoreIsBuiltByIt(): void
    {
        $plan = Written::plan(self::job('The screen comes 10 mm too short.'), [Written::safe()]);
        self::assertSame(ObstacleCode::SheetWithdrawn, $plan->obstacles[0]->code ?? null);
        self::assertSame(Step::Kit, $plan->next()->step);
        $park = new PartParked(End::A, 'outer-sleeve');
        self::assertStringContainsString('The screen comes 10 mm too short.', (string) Written::refusal($plan, $park));
        self::assertNull(Written::refusal($plan, new LeftSafe('a bag')));
        self::assertNull(Written::refusal(Written::plan(self::job(null), [Written::safe()]), $park));
    }

    #[Test]
    public function anEngineerLetsItBeFinishedWithAReason(): void
    {
        $accepted = new WithdrawnAccepted('It differs in the sheath only.');
        self::assertNull(Written::refusal(Written::plan(self::job('wrong'), [Written::safe()]), $accepted));
        self::assertStringContainsString(
            'was not withdrawn', (string) Written::refusal(Written::plan(self::job(null), [Written::safe()]), $accepted),
        );
        $plan = Written::plan(self::job('wrong'), [Written::safe(), $accepted]);
        self::assertNull(Written::refusal($plan, new PartParked(End::A, 'outer-sleeve')));
    }

    private static function job(?string $withdrawn): Job
    {
        $job = Example::read(Example::joint())->job;

        return new Job(
            $job->name, $job->function, $job->unit, $job->cables, $job->sheet, $job->size, $job->connector, $job->site, $job->said,
            $withdrawn,
        );
    }
}
