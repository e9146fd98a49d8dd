<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A leaflet changes: one engineer writes it down, another checks it, and only then can a job be planned with it. */
final class KitsTest extends TestCase
{
    #[Test]
    public function aSheetIsChangedByOneAndReleasedByAnother(): void
    {
        $page = Page::open();
        try {
            $page->signIn('engineer')->press('Kits')->pressFirst('Indoor termination, one core, 12 kV')->see('What it is for')
                ->see('Indoor termination, one core, 12 kV by Quillon Accessories')->assertAccessible();
            $page->press('Duplicate')->fill(
                'Id of the new sheet', 'quillon-indoor-end-17',
            )->press('Make the draft')->see('Draft of quillon-indoor-end-17')->see('Kept. Nothing is wrong with it.');
            $page->press('← Kits')->pressFirst('Indoor termination, one core, 12 kV')->press('Change it')
                ->see('Draft of quillon-indoor-end-12')->see('Kept. Nothing is wrong with it.')
                ->see('You wrote in it: a second person checks and releases it.')->assertAccessible();
            $page->fill('Rated voltage', 'eleven')->see('Kept. One thing is wrong with it.')->see('"eleven" is not a rated voltage')
                ->assertAccessible();
            $page->fill('Rated voltage', '6.35/11 (12) kV')->see('Kept. Nothing is wrong with it.')->press('Sizes')->fill(
                'Dimensions of its own, for the formulas clear insulation, 1', '131 mm',
            )->see('Changes (1)')->press('Changes (1)')->see('“clear insulation” is 131 mm.')->assertAccessible();
            $page->press('As text')->replace('The sheet as its open file', '"heat-shrink"', '"glue"')
                ->see('Kept. One thing is wrong with it.')->see('technology')
                ->replace('The sheet as its open file', '"glue"', '"heat-shrink"')->see('Kept. Nothing is wrong with it.');
            $page->pressFirst('The work')->see('Stages of the work')->pressFirst('Cutting back')->see('Cuts')->see('on end A');
        } finally {
            $page->close();
        }
        $checker = Page::open();
        try {
            $checker->signIn('checker')->press('Kits')->pressFirst('quillon-indoor-end-12')->press('Changes (1)')
                ->see('“clear insulation” is 128 mm.')->press('On a job')
                ->see('Oxmere switchroom · termination L2')->choose('Try it on the job', 'Oxmere switchroom · termination L2')
                ->see('cannot tell')->assertAccessible()
                ->press('Check it, to release it')->see('1 · In plain sentences')->see('“clear insulation” is 131 mm.')
                ->see(' corners')->assertAccessible()->press('I have checked it: release it');
            $checker->waitForPath('/kits/quillon-indoor-end-12')->see(
                'Indoor termination, one core, 12 kV Quillon Accessories · heat shrink termination · revision 2',
            )->see('What revision 2 changed: one rule');
        } finally {
            $checker->close();
        }
    }

    #[Test]
    public function aSheetIsWrittenFromALeafletSectionBySection(): void
    {
        $page = Page::open();
        try {
            $page->signIn('engineer')->press('Kits')->press('New sheet')->press('None of these: begin with nothing')
                ->fill('Id of the new sheet', 'brand-new-12')->press('Begin')
                ->see('Draft of brand-new-12')->see('still to say.')->assertAccessible();
            $page->pressFirst('What it is')->fill('Name', 'New straight joint')
                ->fill('Maker', 'Example Accessories')->fill('Rated voltage', '6.35/11 (12) kV');
            $page->pressFirst('What it is for')->press('XLPE')->press('copper tape');
            $page->pressFirst('In the box')->press('Add to what lies in the box')->fill('Key', 'tube')->fill('Name', 'Stress tube');
            $page->pressFirst('On the cable')->press('Add to what lies on the cable')->fill('Key', 'stress')->fill('Name', 'Stress tube')
                ->choose('Say more', 'Made of')->choose('Made of', 'stress tube')->choose('Say more', 'Centred on')
                ->fill('Centred on', 'connector')->choose('Say more', 'Parked on end')->press('A');
            $page->pressFirst('Cutting back');
            foreach ([
                'oversheath' => 'cut_metallic_screen + 40 mm',
                'metallic screen' => 'cut_insulation_screen + 40 mm',
                'insulation screen' => 'cut_insulation + 100 mm',
                'insulation' => 'connector_length / 2 + 5 mm',
            ] as $layer => $distance) {
                $page->press('Add to cuts')->chooseLast('Cut of the', $layer)->fillLast('Tool', 'knife')->fillLast('Distance', $distance)
                    ->fillLast('Why', 'As the leaflet has it.');
            }
            $page->pressFirst('Sizes')->press('Add a size')->fill('Size, size 1', 'M');
            foreach ([
                'Conductor From' => '70 mm²',
                'Conductor To' => '150 mm²',
                'Over the insulation From' => '17 mm',
                'Over the insulation To' => '24 mm',
                'Over the oversheath From' => '22 mm',
                'Over the oversheath To' => '33 mm',
                'Connector diameter From' => '14 mm',
                'Connector diameter To' => '30 mm',
                'Connector length From' => '50 mm',
                'Connector length To' => '135 mm',
            ] as $row => $figure) {
                $page->fill("$row, M", $figure);
            }
            foreach ([
                'Length as supplied' => '400 mm', 'Bore, expanded' => '38 mm ± 1 mm', 'Bore, recovered' => '12 mm',
            ] as $row => $figure) {
                $page->choose('Another figure', "Stock: Stress tube: $row")->press('Add: Another figure')
                    ->fill("Stock: Stress tube $row, M", $figure);
            }
            $page->see('Kept. Nothing is wrong with it.')->press('In words')->see('Stress tube')->assertAccessible();
        } finally {
            $page->close();
        }
    }

    #[Test]
    public function aSheetBegunFromItsKindIsGoneOnWithOnAnotherMachine(): void
    {
        [$office, $home, $checker] = [Page::open(), Page::open(), Page::open()];
        try {
            $office->signIn('engineer')->press('Kits')->press('New sheet')->see('lined ends')->assertAccessible()
                ->press('Slip-on termination with lined ends, one core, tape screen')->fill('Id of the new sheet', 'our-lined-17')
                ->press('Begin')->see('103 to say')->see('drawn with the figures of another of its kind')->assertAccessible();
            $office->fill('What is it called?', 'Our lined end')->fill('Who makes it?', 'Example Accessories')->see('101 to say')
                ->fill('What is this size called?', '1')->see('100 to say')->see('Kept. 100 things are still to say.');
            $home->signIn('engineer')->go('/kits/drafts/our-lined-17')->see('100 to say')->see('Kept. 100 things are still to say.')
                ->see('Everything covers what it must.')->doesNotSee('wrong with it');
            $home->pressFirst('What it is')->see('How it is put on');
            self::assertSame('Our lined end', $home->run("done(document.querySelector('section[aria-label=\"What it is\"] input').value)"));
            $checker->signIn('checker')->go('/kits/drafts/osterwick-plain-12')->press('Check it, to release it')
                ->see('It does not say all yet: it cannot be released.')->see('Not said')->assertAccessible();
            self::assertSame('true', $checker->run(
                "const it = [...document.querySelectorAll('button')].find((one) => one.textContent.startsWith('I have checked it'));"
                .'done(String(it.disabled))',
            ));
        } finally {
            $office->close();
            $home->close();
            $checker->close();
        }
    }

    #[Test]
    public function aConnectorIsWrittenFromItsMakersSheet(): void
    {
        $page = Page::open();
        try {
            $page->signIn('engineer')->press('Connectors')->see('Bore depth')->assertAccessible();
            $page->press('New connector')->fill('Id', 'example-120')->fill('Name', 'Example connector 120')->fill('Maker', 'Example')
                ->press('copper')->fill('From', '120 mm²')->fill('To', '120 mm²');
            $page->fill('Bore: widest conductor that enters', '14')->fill('Bore depth', '55 mm')->fill('Diameter over the barrel', '22 mm')
                ->fill('Length, over all or of the barrel', '114 mm')->fill('How it is fixed, as its maker says', 'As its maker says.')
                ->press('Keep it')->see('Some of it cannot be used.')->assertAccessible();
            $page->fill('Bore: widest conductor that enters', '14 mm')->press('Keep it')->see('example-120, revision 1');
            $page->press('Change it')->see('Example connector 120, revision 2')->fill('Diameter over the barrel', '22.5 mm')
                ->press('Keep it as the next revision')->see('example-120, revision 2')->assertAccessible();
        } finally {
            $page->close();
        }
    }

    #[Test]
    public function whoeverKeepsSecondSeesBothVersionsAndDecides(): void
    {
        [$one, $other] = [Page::open(), Page::open()];
        try {
            $one->signIn('engineer')->press('Kits')->pressFirst('Push-on joint')->press('Change it')
                ->see('Kept. Nothing is wrong with it.');
            $draft = $one->path();
            $other->signIn('checker')->go($draft)->see('Kept.')->fill('Maker', 'Checked Accessories')->see('Written last by Hedda Loram');
            $one->fill('Name', 'Pushed by one')->see(
                'Hedda Loram has kept another version meanwhile.',
            )->assertAccessible()->press('Take that one')->see('Kept. Nothing is wrong with it.');
            $one->fill('Name', 'Pushed by one again')->see('Written last by Tamsin Oake');
            $other->fill('Name', 'Pushed by the other')->see(
                'Tamsin Oake has kept another version meanwhile.',
            )->press('Keep mine instead')->see('Written last by Hedda Loram')->see('Kept. Nothing is wrong with it.');
            $other->fill('Maker', 'Left in haste')->press('← Kits')->see('Push-on joint')->pressFirst('marlpike-pushon-12')->see('Kept.')
                ->see('Written last by Hedda Loram');
            self::assertStringContainsString(
                'Left in haste', (string) json_encode($other->fetch('/api/kit-drafts/marlpike-pushon-12')), 'kept when the page was left',
            );
        } finally {
            $one->close();
            $other->close();
        }
    }
}
