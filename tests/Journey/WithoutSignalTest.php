<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Uid\Uuid;

/** Work where there is no signal: the line is cut, and the same rules answer on the device. */
final class WithoutSignalTest extends TestCase
{
    private const ONE_CORE = '019aa100-0000-7000-8000-000000000022';
    private const THREE_CORES = '019aa100-0000-7000-8000-000000000026';
    private const HALF_CUT = '019aa100-0000-7000-8000-000000000021';
    private const HALF_CUT_CORES = '019aa100-0000-7000-8000-000000000013';
    private const FINISHED = '019aa100-0000-7000-8000-000000000001';

    /**
     * In the suite a joint by a sheet without stages; with BERM_WHOLE set also one core and three cores, stage by stage.
     *
     * @return iterable<string, array{string, int}> the job, empty: a new one; and how many deeds it takes at least
     */
    public static function joints(): iterable
    {
        yield 'without stages' => ['', 20];
        if (false !== getenv('BERM_WHOLE')) {
            yield 'one core' => [self::ONE_CORE, 60];
            yield 'three cores' => [self::THREE_CORES, 90];
        }
    }

    #[Test]
    #[DataProvider('joints')]
    public function aJointIsBuiltWithNoSignalFromTheFirstMinute(string $job, int $least): void
    {
        // That sheet does not say of which edition of the leaflet it is.
        $hasLeaflet = '' !== $job;
        $job = $hasLeaflet ? $job : $this->plannedAsTheFinishedOne();
        $line = Line::toTheServer();
        $profile = Browser::profile();
        $page = Pilot::takeTheClock(Page::over($line, $profile));
        try {
            $at = "/jobs/$job";
            $page->signIn('jointer')->go("$at/safety")->press('Take it along')->see('On this device, as of');
            $line->cut();
            $page->go("$at/safety")->see('no signal since')->see('nothing waits')->assertAccessible();
            $page->fill('Permit number', 'P-7')->fill('Confirmed by', 'R. Solway, control');
            foreach (['Identified', 'Isolated', 'Proved dead', 'Earthed'] as $check) {
                $page->tick($check);
            }
            $page->press('Confirm, from the permit')->see('an entry waits');
            if ($hasLeaflet) {
                $page->go("$at/kit")->press($page->textOf('section[aria-label=Leaflet] button'))->see('as the sheet')
                    ->see('2 entries wait');
            }
            // The bench needs no job, and works by the same engine. Source: NIST SP 811, 1 lbf·ft is 1.355 818 N·m.
            $page->go('/bench/torque?torque=33+lbf%C2%B7ft')->see('44.7 N·m');
            $page->go("$at/build");
            $did = Pilot::at($page)->goOn(intdiv($least, 2));
            // The phone is switched off in the middle.
            $page->close();
            $page = Pilot::takeTheClock(Page::over($line, $profile));
            $page->go("$at/build")->see('no signal since')->see('Judged on this device');
            $did = [...$did, ...Pilot::at($page)->goOn()];
            self::assertGreaterThan($least, \count($did));
            $page->go("$at/record")->see('All is done; not handed over yet.')->see('no signal since');
            $line->mend();
            // The browser was closed, and with it the session ended: nothing is lost by that.
            $page->go("$at/record")->see('entries wait')->signIn('jointer');
            $page->go("$at/record")->see('All is done; not handed over yet.');
            $page->patiently(120)->waitFor('some to be sent', 'return /[12]?\\d entries wait/.test(document.body.innerText)');
            $line->cut();
            $page->see('no signal since');
            $line->mend();
            $page->see('all sent')->see('All is done; not handed over yet.')->doesNotSee('entries wait');
            $built = Visitor::of('jointer')->ask('GET', "/api/jobs/$job");
            self::assertTrue($built->at('completion.done'));
            $log = $built->at('log');
            self::assertIsArray($log);
            self::assertCount(\count($log), array_flip(self::texts($log, 'id')), 'none is doubled');
            self::assertNotContains(false, array_column($log, 'counts'), 'each is as it was made');
        } finally {
            $page->close();
            $line->cut();
        }
    }

    /** Two who are at the same cut, neither of whom knows of the other. */
    #[Test]
    public function whoAnsweredLaterSaysWhichOfTwoAnswersCounts(): void
    {
        $this->employAMate();
        [$one, $other] = [Line::toTheServer(), Line::toTheServer()];
        [$first, $second] = [Page::over($one, Browser::profile()), Page::over($other, Browser::profile())];
        try {
            $at = '/jobs/'.self::HALF_CUT;
            foreach ([[$first, 'jointer', $one], [$second, 'mate', $other]] as [$page, $user, $line]) {
                $page->signIn($user)->go("$at/safety")->press('Take it along')->see('On this device, as of');
                $line->cut();
                $page->go("$at/build")->see('Metallic screen, end A')->see('no signal since');
            }
            $first->enter('Measured, Metallic screen, end A, in mm', '376')->see('an entry waits')->see('provisional');
            $second->enter('Measured, Metallic screen, end A, in mm', '377')->see('an entry waits');
            $other->mend();
            $second->patiently(30)->see('all sent');
            $one->mend();
            $first->patiently(30)->see('all sent')->see('Orrin Vale is asked which of them counts')->assertAccessible();
            $second->go("$at/build")->see('Answered twice, by two who did not know of each other.')->see('counts now')->assertAccessible()
                ->press('Mine counts')->seeNoMore('Answered twice');
            self::assertSame('377', $this->measured());
        } finally {
            $first->close();
            $second->close();
            $one->cut();
            $other->cut();
        }
    }

    /** The plan changed while somebody had no signal: they look at it, and send what they measured again. */
    #[Test]
    public function whatWasRefusedIsLookedAtAndSentAgain(): void
    {
        $line = Line::toTheServer();
        $page = Page::over($line, Browser::profile());
        try {
            $at = '/jobs/'.self::HALF_CUT_CORES;
            $page->signIn('jointer')->go("$at/safety")->press('Take it along')->see('On this device, as of');
            $line->cut();
            $page->go("$at/build")->enter('Measured, Oversheath, end B, in mm', '1010')->see('an entry waits')->see('provisional');
            $engineer = Visitor::of('engineer');
            $job = $engineer->ask('GET', '/api/jobs/'.self::HALF_CUT_CORES);
            [$draft, $version] = [$job->at('draft'), $job->at('version')];
            self::assertTrue(\is_array($draft) && \is_int($version));
            $later = [...$draft, 'outageEnds' => '2026-12-24T16:00:00+00:00'];
            self::assertSame(200, $engineer->ask('PUT', "/api$at/plan", $later, ['If-Match' => "\"$version\""])->status);
            $line->mend();
            $page->patiently(30)->see('changed the plan meanwhile')->assertAccessible()->press('Send it again')->see('all sent')
                ->seeNoMore('changed the plan meanwhile');
        } finally {
            $page->close();
            $line->cut();
        }
    }

    /** A newer version is offered, never forced; old entries are taken by it. */
    #[Test]
    public function aNewerVersionIsTakenWhileEntriesWait(): void
    {
        $line = Line::toTheServer();
        $page = Page::over($line, Browser::profile());
        $worker = trim((string) file_get_contents(getenv('BERM_STATE').'/served/now')).'/public/build/sw.js';
        $before = (string) file_get_contents($worker);
        try {
            $at = '/jobs/'.self::HALF_CUT_CORES;
            $page->signIn('jointer')->go("$at/safety")->press('Take it along')->see('On this device, as of');
            $this->publish($worker, str_replace("VERSION = '", "VERSION = 'newer-", $before));
            $page->go("$at/build")->patiently(30)->see('A newer version of Berm is here.')->assertAccessible();
            $line->cut();
            // It waits through a page that is opened again, too; and that page is as it stays.
            $page->go("$at/build")->see('no signal since')->see('A newer version of Berm is here.');
            $page->unfold('Write a note')->fill('Note', 'Before the update')->press('Keep the note')->see('an entry waits');
            // The page is opened again by it: what stood there before says so still, for a moment.
            $page->press('Take it now')->seeNoMore('A newer version')->see('no signal since')->see('an entry waits')
                ->doesNotSee('A newer version');
            $line->mend();
            $page->see('all sent')->go("$at/record")->see('Before the update');
        } finally {
            $this->publish($worker, $before);
            $page->close();
            $line->cut();
        }
    }

    /** A job like the finished one of the demo, with nothing written down yet. */
    private function plannedAsTheFinishedOne(): string
    {
        $engineer = Visitor::of('engineer');
        $finished = $engineer->ask('GET', '/api/jobs/'.self::FINISHED);
        $id = Uuid::v7()->toRfc4122();
        $made = $engineer->ask('POST', '/api/jobs', [
            'id' => $id, 'name' => 'Sallow Fen 9 · joint', 'function' => 'joint', 'unit' => 'mm',
        ]);
        self::assertSame(201, $made->status, $made->body);
        $planned = $engineer->ask('PUT', "/api/jobs/$id/plan", $finished->at('draft'), ['If-Match' => '"1"']);
        self::assertSame(200, $planned->status, $planned->body);
        $given = $engineer->ask('PUT', "/api/jobs/$id/crew", ['people' => ['jointer', 'engineer']]);
        self::assertSame(200, $given->status, $given->body);

        return $id;
    }

    /**
     * @param array<mixed> $rows
     *
     * @return list<string>
     */
    private static function texts(array $rows, string $key): array
    {
        return array_values(array_filter(array_column($rows, $key), is_string(...)));
    }

    private function publish(string $worker, string $text): void
    {
        chmod($worker, 0o644);
        file_put_contents($worker, $text);
        chmod($worker, 0o444);
    }

    private function employAMate(): void
    {
        $mate = ['name' => 'mate', 'shownAs' => 'Orrin Vale', 'role' => 'jointer'];
        $added = Visitor::of('administrator')->ask('POST', '/api/people', $mate);
        $once = $added->at('oneTimePassword');
        self::assertIsString($once, $added->body);
        $url = $_SERVER['BERM_URL'] ?? null;
        self::assertIsString($url);
        $chosen = Visitor::at($url, 'mate', $once)->ask('PUT', '/api/own-password', ['old' => $once, 'new' => Page::password()]);
        self::assertSame(200, $chosen->status, $chosen->body);
        $given = Visitor::of('engineer')->ask('PUT', '/api/jobs/'.self::HALF_CUT.'/crew', ['people' => ['jointer', 'engineer', 'mate']]);
        self::assertSame(200, $given->status, $given->body);
    }

    private function measured(): string
    {
        $marks = Visitor::of('jointer')->ask('GET', '/api/jobs/'.self::HALF_CUT)->at('markOut.marks');
        self::assertIsArray($marks);
        foreach ($marks as $mark) {
            if (\is_array($mark) && 'A' === $mark['end'] && 'metallic-screen' === $mark['cut']) {
                self::assertIsArray($mark['recorded']);
                self::assertIsString($mark['recorded']['typed']);

                return $mark['recorded']['typed'];
            }
        }
        self::fail('it is marked out');
    }
}
