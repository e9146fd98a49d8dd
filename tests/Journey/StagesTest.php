<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What goes on round a staged joint: its box, its tools, and the checks of a stage. */
final class StagesTest extends TestCase
{
    private const STAGED = '/jobs/019aa100-0000-7000-8000-000000000007';

    #[Test]
    public function aStageTakesItsChecksOneByOneAndTellsWhatIsOut(): void
    {
        $page = Page::open();
        try {
            $page->signIn('jointer')->go(self::STAGED.'/build')->see(
                'From the insulation end to the stress tube',
            )->see('core 2')->assertAccessible();
            $page->type(['5', WebDriverKeys::ENTER])->see('From the insulation end to the stress tube, end A, core 3');
            $page->type(['1', '2', WebDriverKeys::ENTER])->see('Shrunk too far: cut back; short: fill the step.')->assertAccessible();
        } finally {
            $page->close();
        }
    }

    #[Test]
    public function aBoxIsOpenedForAJobAndGoesBackWhenItWasTheWrongOne(): void
    {
        $page = Page::open();
        try {
            $page->signIn('jointer')->go(self::STAGED.'/kit')->pressFirst('Set aside for this job')
                ->see('Open it and lay out what it holds')->assertAccessible();
            $page->tick('6 × stress tube')->pressFirst('10 missing')->see('Take another box')->see('Missing from the box: ')
                ->assertAccessible();
            $page->press(
                'It was the wrong one and is whole: back on the shelf',
            )->seeNoMore('Opened and checked')->pressFirst('Set aside for this job')->see('Open it and lay out what it holds');
        } finally {
            $page->close();
        }
    }

    #[Test]
    public function aStorekeeperReadsABoxInAndWritesAPressDown(): void
    {
        $page = Page::open();
        try {
            $page->signIn('storekeeper')->press('Stores')->see('expires')->fill(
                'Label of the box', '(01)09521230010733(11)260601(10)Q26-1178',
            )->press('Put it on the shelf')->see('It is on the shelf.')->assertAccessible();
            $page->press('Tools')->see('out of calibration')->fill('Name', 'Bench press')->press('Write it down')
                ->see('a crimp press has at least one die')->assertAccessible();
            $page->fill(
                'Dies', 'hexagonal, Al 240; hexagonal, Al 300',
            )->press('Write it down')->see('hexagonal, Al 240 · hexagonal, Al 300');
        } finally {
            $page->close();
        }
    }

    #[Test]
    public function aPressIsNamedWhereTheConnectorIsChosen(): void
    {
        $page = Page::open();
        try {
            $page->signIn('jointer')->go(
                '/jobs/019aa100-0000-7000-8000-000000000003/connector',
            )->see('No press is named for this job yet')->pressFirst('Use it')->see('is calibrated until')->assertAccessible();
            $page->press('Not this one')->see('No press is named for this job yet');
        } finally {
            $page->close();
        }
    }
}
