<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The cable in hand: found in the library, entered from its drum, taken in from a file, and told from its name. */
final class CablesTest extends TestCase
{
    private const UNKNOWN = '/jobs/019aa100-0000-7000-8000-000000000006/cables';

    #[Test]
    public function theLibraryIsSearchedAddedToAndFilled(): void
    {
        $page = Page::open();
        try {
            $page->signIn('engineer')->press('Cables')->see('As the drum or the record has it')->assertAccessible();
            $page->fill('As the drum or the record has it', '3x95 cu paper')->see('4 found')->pressFirst(
                '3×95 Cu paper 6.35/11 (12) kV, belted',
            )->see('An estimate, from memory of old standards.')->see('Lead sheath')->assertAccessible();
            $page->press('New cable')->press('Work out the rest')->see('is empty: fill it in')->assertAccessible();
            $page->fill('Designation', 'Rook Hill drum 12')->fill('Conductor size', '120 mm2')->fill('Over the insulation', '3 m')
                ->press('Work out the rest')->see('between 2 mm and 150 mm, so check the unit');
            $page->fill('Over the insulation', '21.2')->press('Work out the rest')->see('This is what it comes to.')
                ->see('Insulation 21.2 mm · stated')->see('· computed')->press('Add it to the library')->see('Rook Hill drum 12');
            $this->takeIn($page);
        } finally {
            $page->close();
        }
    }

    #[Test]
    public function aCableThatIsNotWhatItIsCalledIsToldApart(): void
    {
        $page = Page::open();
        try {
            $page->signIn('jointer')->go(self::UNKNOWN)->see('1/0 AWG Al XLPE 15 kV 133 %')->see('What differs between the two ends')
                ->see('Aluminium to copper');
            $page->press('What is it?')->see(
                'The name on the job does not agree with the cable.',
            )->see('1/0 AWG Al XLPE 15 kV 100 %, tape shield')->see('What would settle it')->assertAccessible();
            $page->pressFirst('Take it')->see('The name on the job agrees with what was found.')->see('all sent');
            $page->press('Condition')->see('Dew point')->see('it needs 5.4 °F')->assertAccessible();
            $page->fill('Cable surface, end A, °F', '64')->type(WebDriverKeys::ENTER)->see('it stays dry')->see('all sent');
            $page->press('Diameters')->pressFirst('Jacket')->fill(
                'Diameter over the jacket, end A, in inches', '24',
            )->see('Did you mean 24 mm?')->press('Add it as 24 mm')->see('0.945 in');
        } finally {
            $page->close();
        }
    }

    private function takeIn(Page $page): void
    {
        $file = tempnam(sys_get_temp_dir(), 'berm').'.csv';
        file_put_contents($file, "id,designation,ratedVoltage,conductorMaterial,conductorShape,conductorSize,insulation,metallicScreen,oversheath,over-insulation\n"
            ."row-1,Linnet Row 1,15 kV,copper,compressed,4/0,xlpe,copper-tape,pvc,1 in\nrow-2,Linnet Row 2,15 kV,tin,compressed,4/0,xlpe,copper-tape,pvc,1 in\n");
        $page->press('Take in a file')->upload('File', $file)->see(
            'The file holds one cable that can be read',
        )->see('conductorMaterial')->assertAccessible();
        $page->press('Add the good one')->see('1 added.')->press('Done')->fill(
            'As the drum or the record has it', 'linnet',
        )->see('1 found');
        unlink($file);
    }
}
