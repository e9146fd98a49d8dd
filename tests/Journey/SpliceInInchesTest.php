<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A splice in inches, from the new job to the record, without touching the mouse. */
final class SpliceInInchesTest extends TestCase
{
    private const READINGS = [
        'conductor' => '0.361', 'insulation' => '0.836', 'insulation shield' => '0.905', 'metallic shield' => '0.919', 'jacket' => '1 1/16',
    ];

    #[Test]
    public function aSpliceIsBuiltByKeyboardAlone(): void
    {
        $page = Page::open();
        try {
            $page->go('/')->see('Sign in')->type('jointer')->tabTo('Password')->type([Page::password(), WebDriverKeys::ENTER])->see('Jobs');
            $page->tabTo('New job')->type(WebDriverKeys::ENTER)->see('Place and position')->tabTo('Place and position')
                ->type('Mallow Sound 2 · splice');
            $page->tabTo('Millimetres')->type(WebDriverKeys::ARROW_RIGHT)->type(WebDriverKeys::SPACE)->tabTo('Make the job')
                ->type(WebDriverKeys::ENTER)->waitForPath('/safety');
            $this->confirm($page);
            $this->measure($page, 'A', '96');
            $this->measure($page, 'B', '60');
            $this->choose($page);
            $this->build($page);
            $page->see('The record is ready.')->tabTo('Record')->type(WebDriverKeys::ENTER)
                ->see('Record of a splice. All is done; not handed over yet.')->tabTo('Signed for by')->type('Ida Morrow')
                ->tabTo('Hand over')->type(WebDriverKeys::ENTER)->see('Record of a splice. Complete.')
                ->see('jacket 1.063 in')->assertAccessible();
        } finally {
            $page->close();
        }
    }

    private function confirm(Page $page): void
    {
        $page->tabTo('Permit number')->type('W-88')->tabTo('Confirmed by')->type('D. Hythe');
        foreach (['Identified', 'Isolated', 'Proved dead', 'Earthed'] as $check) {
            $page->tabTo($check)->type(WebDriverKeys::SPACE);
        }
        $page->tabTo('Confirm, from the permit')->type(WebDriverKeys::ENTER)->waitForPath('/cables');
    }

    private function measure(Page $page, string $end, string $free): void
    {
        if ('A' === $end) {
            $page->tabTo('Choose the cable')->type(WebDriverKeys::ENTER)->see('Which cable is it called?')->tabTo('As the drum')
                ->type('1/0 al 15')->tabTo('1/0 AWG Al XLPE 15 kV 133 %')->type(WebDriverKeys::ENTER);
        } else {
            $page->tabTo('End A')->type(WebDriverKeys::ARROW_RIGHT)->type(WebDriverKeys::SPACE)->see('Same cable as end A')
                ->tabTo('Same cable as end A')->type(WebDriverKeys::ENTER);
        }
        $page->see('not measured');
        foreach (self::READINGS as $layer => $typed) {
            $page->tabTo(
                "Diameter over the $layer, end $end, in inches",
            )->type([$typed, WebDriverKeys::ENTER])->type([$typed, WebDriverKeys::ENTER])->type(WebDriverKeys::ARROW_DOWN);
        }
        $page->tabTo("By tape, end $end, in inches")->type([$free, WebDriverKeys::ENTER])->see("$free in")->see('all sent');
    }

    private function choose(Page $page): void
    {
        $page->tabTo('Kit')->type(WebDriverKeys::ENTER)->see('Tape-shield splice, 15 kV, size A')
            ->tabTo('Tape-shield splice, 15 kV, size A')->type(WebDriverKeys::ENTER)->see('to spare');
        $page->tabTo('On to the connector')->type(WebDriverKeys::ENTER)->see('do not fit, and why')->tabTo('Al')->type(WebDriverKeys::ENTER)
            ->see('How it is fixed')->see('all sent');
        $page->tabTo('On to marking out')->type(WebDriverKeys::ENTER)->see('from the cable end')->assertAccessible();
    }

    private function build(Page $page): void
    {
        $page->tabTo('Build')->type(WebDriverKeys::ENTER)->see('Kit complete')->tabTo('All 2 are so')->type(WebDriverKeys::ENTER)
            ->tabTo('Write it down now')->type(WebDriverKeys::ENTER)->see('Park now');
        foreach (['Outer sleeve', 'Dual-wall tube', 'Insulating tube', 'Stress tube'] as $part) {
            $page->tabTo($part)->type(WebDriverKeys::SPACE);
        }
        // The last touch can be undone for ten seconds; the others were let go by the next.
        $page->see('Stress tube parked on end A')->tabTo('Write it down now')->type(WebDriverKeys::ENTER);
        foreach (['A', 'B'] as $end) {
            foreach (['Jacket', 'Metallic shield', 'Insulation shield', 'Insulation'] as $i => $cut) {
                $page->see(
                    \sprintf('%d · %s, end %s', $i + 1, $cut, $end),
                )->tabTo("Measured, $cut, end $end, in inches")->type([$page->target(), WebDriverKeys::ENTER]);
            }
        }
        $page->see('Look at each of these 4')->tabTo('All 4 are so')->type(WebDriverKeys::ENTER)
            ->tabTo('Write it down now')->type(WebDriverKeys::ENTER);
        $this->identify($page);
        $page->see('There is no way back from here.')->tabTo('Batch')->type('C-12')->tabTo('The connector is on')
            ->type(WebDriverKeys::ENTER);
        // A "Yes" names its stage: on a slow machine the one before stands there still.
        $asked = ['All 3 are so', 'All 2 are so', '6. Stress control', '7. Insulation', '9. Screen and earth', 'All 2 are so',
            '11. Oversheath', 'phase', 'All 5 are so'];
        foreach ($asked as $all) {
            match (true) {
                ctype_digit($all[0]) => $page->see($all)->tabTo('Yes')->type(WebDriverKeys::ENTER),
                'phase' === $all => $this->identify($page->see('proved again')),
                default => $page->see($all)->tabTo($all)->type(WebDriverKeys::ENTER)
                    ->tabTo('Write it down now')->type(WebDriverKeys::ENTER),
            };
        }
    }

    private function identify(Page $page): void
    {
        $page->see('Which phase it is')->tabTo('Phase, as it is called here')->type('C');
        $page->tabTo('Rung out from the other end')->type(WebDriverKeys::SPACE)->tabTo('Record')->type(WebDriverKeys::ENTER);
    }
}
