<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** One joint from two cables to the record, through the real page; every screen is held against WCAG. */
final class JointInMillimetresTest extends TestCase
{
    private const READINGS = ['11.45', '19.6', '21.2', '21,5', '25 mm'];

    #[Test]
    public function aJointIsTakenFromTwoCablesToItsRecord(): void
    {
        $page = Page::open();
        try {
            $page->go('/')->see('Sign in')->assertAccessible()->signIn('jointer')->assertAccessible();
            $this->makeTheJob($page);
            $this->confirmThatItIsSafe($page);
            $this->measure($page, 'A', '2.6 m');
            $this->measure($page, 'B', '1100');
            $this->chooseKitAndConnector($page);
            $this->readTheMarks($page);
            $this->park($page);
            $this->cut($page);
            $this->fitAndRecord($page);
        } finally {
            $page->close();
        }
    }

    private function makeTheJob(Page $page): void
    {
        $page->press('New job')->see('Place and position')->press('Make the job')->see('Give the job a name')->assertAccessible();
        $page->fill(
            'Place and position', 'Tern Hollow · joint 4',
        )->press('Make the job')->waitForPath('/safety')->see('Tern Hollow · joint 4');
    }

    private function confirmThatItIsSafe(Page $page): void
    {
        $page->press('Confirm, from the permit')->see('Do not start.')->see(
            'Not confirmed: identified, isolated, proved dead, earthed.',
        )->assertAccessible();
        $page->fill('Permit number', 'P-3101')->fill('Confirmed by', 'R. Solway, control');
        foreach (['Identified', 'Isolated', 'Proved dead', 'Earthed'] as $check) {
            $page->tick($check);
        }
        $page->press('Confirm, from the permit')->waitForPath('/cables')->see('P-3101, confirmed');
    }

    private function measure(Page $page, string $end, string $free): void
    {
        $page->press("End $end");
        if ('A' === $end) {
            $page->press('Choose the cable')->fill(
                'As the drum or the record has it', '95 al 11',
            )->assertAccessible()->pressFirst('1×95 Al XLPE 6.35/11');
        } else {
            $page->press('Same cable as end A');
        }
        $field = static fn (string $layer): string => "Diameter over the $layer, end $end, in mm";
        $page->see('not measured');
        foreach (['conductor', 'insulation', 'insulation screen', 'metallic screen', 'oversheath'] as $i => $layer) {
            $page->pressFirst(ucfirst($layer))->enter($field($layer), self::READINGS[$i])->enter($field($layer), self::READINGS[$i]);
        }
        $page->enter($field('oversheath'), 'thick')->see('This is not a length')->fill($field('oversheath'), '');
        $page->fill("By tape, end $end, in mm", $free)->press('Add length')->see('A' === $end ? '2.6 m' : '1100 mm')->see('all sent')
            ->assertAccessible();
    }

    private function chooseKitAndConnector(Page $page): void
    {
        $page->press('Kit')->see('Straight joint, one core, 12 kV, size 2')->unfold('do not fit, and why')
            ->showMoreTo('Straight joint, one core, 12 kV, size 3')->pressFirst('Straight joint, one core, 12 kV, size 3')
            ->see('does not fit')->see('too small')->assertAccessible();
        $page->pressFirst('Straight joint, one core, 12 kV, size 2')->see('to spare');
        $page->pressFirst('On to the connector')->pressFirst('Al crimp connector 95')->see('How it is fixed')->see('all sent')
            ->assertAccessible();
    }

    private function readTheMarks(Page $page): void
    {
        $page->press('Mark out')->see('from the cable end')->see('Park before the connector')->assertAccessible();
        $page->press('joint centre')->see('from the joint centre')->press('oversheath cut')->see('from the oversheath cut');
        $page->press('in')->see('mark, in')->press('mm')->press('cable end');
        $page->see('480 mm to spare')->press('Build');
    }

    private function park(Page $page): void
    {
        $page->see('Kit complete')->see('Cable dry and sound')->press('All 2 are so');
        $page->see('Park now')->doesNotSee('The connector is on');
        foreach (['Outer sleeve', 'Dual-wall tube', 'Insulating tube', 'Stress tube'] as $part) {
            $page->tick($part);
        }
        $page->see('1 · Oversheath, end A')->assertAccessible();
    }

    private function cut(Page $page): void
    {
        $entry = static fn (string $cut, string $end): string => "Measured, $cut, end $end, in mm";
        $page->enter($entry('Oversheath', 'A'), '257')->see('out by 6 mm')->enter($entry('Oversheath', 'A'), '248')->see(
            'It was cut too far, and that cannot be put back',
        )->assertAccessible()->press('Keep the first')->see('What can still be done')->see('Cut end A back by 9 mm')->assertAccessible();
        $page->pressFirst('What can still be done: ')->see('Stays measured')->assertAccessible();
        $page->enter('Sawn off end A, in mm', '9')->see('2 · Metallic screen, end A')->see('was 257 mm');
        $page->enter($entry('Metallic screen', 'A'), '212')->see('3 · Insulation screen, end A');
        $page->enter($entry('Insulation screen', 'A'), '165.8')->see('inside, not proved')->see('4 · Insulation, end A');
        $page->enter($entry('Insulation', 'A'), '56,5')->see('1 · Oversheath, end B');
        foreach ([
            'Oversheath' => '247.5', 'Metallic screen' => '211.5', 'Insulation screen' => '164', 'Insulation' => '56.5',
        ] as $cut => $typed) {
            $page->doesNotSee('The connector is on')->enter($entry($cut, 'B'), $typed);
        }
    }

    private function identify(Page $page): void
    {
        $page->pick('Rung out from the other end')->enter('Phase, as it is called here', 'L2');
    }

    private function fitAndRecord(Page $page): void
    {
        $page->see('Look at each of these 4')->assertAccessible();
        $page->press('All 4 are so')->see('Which phase it is');
        $this->identify($page->assertAccessible());
        $page->see('There is no way back from here.')->assertAccessible();
        $page->fill('Batch, from its bag', 'BW-77')->press('The connector is on');
        $page->see('Crimps or bolts all made')->press('All 3 are so')->see('Stress control lies over')->press('All 2 are so');
        foreach (['Insulation where the leaflet has it', 'Outer conductive layer over', 'Metallic screen joined through'] as $look) {
            $page->see($look)->press('Yes');
        }
        $page->see('Sealed: sealant')->press('All 2 are so')->see('Oversheath restored')->press('Yes');
        $this->identify($page->see('proved again'));
        $page->see('Tested as local')->press('All 5 are so');
        $page->see('The record is ready.');
        $page->press('Record')->see('Record of a joint. All is done; not handed over yet.')->press('Hand over')
            ->see('Name who takes it over.')->fill('Signed for by', 'Ida Morrow, control')->assertAccessible()->press('Hand over')
            ->see('Record of a joint. Complete.')->see('signed for by Ida Morrow, control')->see('batch BW-77')->assertAccessible();
        $id = explode('/', $page->path())[2];
        [$status, $type, $pdf] = $page->fetch("/api/jobs/$id/record.pdf");
        self::assertSame([200, 'application/pdf', '%PDF'], [$status, $type, substr($pdf, 0, 4)]);
        [$status, , $file] = $page->fetch("/api/jobs/$id/record.json");
        self::assertSame(200, $status);
        self::assertStringContainsString('"typed":"56,5"', (string) preg_replace('/":\s+"/', '":"', $file), 'kept as it was typed');
    }
}
