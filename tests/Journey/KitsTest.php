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
            $page->signIn('engineer')->press('Kits')->pressFirst('Indoor termination, one core, 12 kV')->see('What it is for')->see('Indoor termination, one core, 12 kV by Quillon Accessories')->assertAccessible();
            $page->press('Duplicate')->fill('Id of the new sheet', 'quillon-indoor-end-17')->press('Make the draft')->see('Draft of quillon-indoor-end-17')->see('Nothing is wrong with it.');
            $page->pressFirst('Indoor termination, one core, 12 kV')->press('Change it')->see('Draft of quillon-indoor-end-12')->see('Nothing is wrong with it.')->see('No rule differs.')->see('You wrote it last: a second person checks and releases it.');
            $page->replace('The sheet as its open file', '"heat-shrink"', '"glue"')->see('Changed and not kept yet.')->press('Keep and check')->see('One thing is wrong with it.')->see('technology')->assertAccessible();
            $page->replace('The sheet as its open file', '"glue"', '"heat-shrink"')->replace('The sheet as its open file', '"128 mm"', '"131 mm"')->press('Keep and check')->see('Nothing is wrong with it.')->see('“clear insulation” is 131 mm.');
        } finally {
            $page->close();
        }
        $checker = Page::open();
        try {
            $checker->signIn('checker')->press('Kits')->pressFirst('quillon-indoor-end-12')->see('What it would change')->see('“clear insulation” is 128 mm.')->choose('Job', 'Oxmere switchroom · termination L2')->see('Measure over the insulation')->assertAccessible()->press('I have checked it: release it');
            $checker->see('Indoor termination, one core, 12 kV Quillon Accessories · heat shrink termination · revision 2')->pressFirst('Indoor termination, one core, 12 kV')->see('What revision 2 changed: one rule');
        } finally {
            $checker->close();
        }
    }
}
