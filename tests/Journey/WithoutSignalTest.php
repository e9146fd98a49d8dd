<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Work where there is no signal: the line is cut, and the same rules answer on the device. */
final class WithoutSignalTest extends TestCase
{
    private const ONE_CORE = '019aa100-0000-7000-8000-000000000022';

    #[Test]
    public function aJointIsBuiltWithNoSignalFromTheFirstMinute(): void
    {
        $line = Line::toTheServer();
        $profile = Browser::profile();
        $page = Pilot::takeTheClock(Page::over($line, $profile));
        try {
            $at = '/jobs/'.self::ONE_CORE;
            $page->signIn('jointer')->go("$at/safety")->press('Take it along')->see('On this device, as of');
            $line->cut();
            $page->go("$at/safety")->see('no signal since')->see('nothing waits')->assertAccessible();
            $page->fill('Permit number', 'P-7')->fill('Confirmed by', 'R. Solway, control');
            foreach (['Identified', 'Isolated', 'Proved dead', 'Earthed'] as $check) {
                $page->tick($check);
            }
            $page->press('Confirm, from the permit')->see('an entry waits')->go("$at/kit")->see('This sheet was written from edition')
                ->pressFirst('It is QL')->see('as the sheet')->see('2 entries wait');
            $page->go("$at/build");
            $did = Pilot::at($page)->goOn(25);
            // The phone is switched off in the middle.
            $page->close();
            $page = Pilot::takeTheClock(Page::over($line, $profile));
            $page->go("$at/build")->see('no signal since')->see('Judged on this device');
            $did = [...$did, ...Pilot::at($page)->goOn()];
            self::assertGreaterThan(40, \count($did));
            $page->go("$at/record")->see('All is done; not handed over yet.')->see('no signal since');
            $line->mend();
            // The browser was closed, and with it the session ended: nothing is lost by that.
            $page->go("$at/record")->see('entries wait')->signIn('jointer');
            $page->go("$at/record")->see('All is done; not handed over yet.')->patiently(60)->see('all sent')->see('All is done; not handed over yet.')->doesNotSee('entries wait');
            self::assertTrue(Visitor::of('jointer')->ask('GET', '/api/jobs/'.self::ONE_CORE)->at('completion.done'));
        } finally {
            $page->close();
            $line->cut();
        }
    }
}
