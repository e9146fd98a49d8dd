<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A jointer at the cable and an engineer elsewhere: a picture, a call and its answer, and what opening the cable showed. */
final class TogetherTest extends TestCase
{
    private const SPLICE = '/jobs/019aa100-0000-7000-8000-000000000014';
    private const JOINT = '/jobs/019aa100-0000-7000-8000-000000000013';

    #[Test]
    public function aJointerShowsAndAsksAndAnEngineerAnswersFromWhatWaits(): void
    {
        $trench = Page::open(390, 844);
        $office = Page::open();
        try {
            $trench->signIn('jointer')->go(self::SPLICE.'/build')->unfold('Add a picture')->upload('Picture', self::picture())
                ->fill('What is to be seen', 'The neutrals, end A')->press('Keep the picture')->see('The neutrals, end A')
                ->seeNoMore('As it will be kept');
            $trench->unfold('Call an engineer')->pick('Come and look')->fill('What it is about', 'A wire is broken at end A.')
                ->press('Call')->see('An engineer was called and has not answered yet')->assertAccessible();

            $office->signIn('engineer')->go('/waits')->see('A wire is broken at end A.')->assertAccessible();
            $office->pressFirst('Weir Lane pit 5')->see('A wire is broken at end A.')->see('The neutrals, end A');
            $office->go(self::SPLICE.'/record')->see('The neutrals, end A')->see('The leaflet says otherwise:');
        } finally {
            $trench->close();
            $office->close();
        }
    }

    #[Test]
    public function whatOpeningShowsStopsTheWorkUntilAnEngineerLetsItStand(): void
    {
        $trench = Page::open(390, 844);
        $office = Page::open();
        try {
            $trench->signIn('jointer')->go(self::JOINT.'/build')->unfold('The cable is otherwise than planned')
                ->fill('What you see, and how far', 'Drops at the cut.')->press('Write down what was found')
                ->see('Plan anew with what was found, or an engineer lets it stand.')->assertAccessible();
            $trench->press('Call for it')->see('An engineer was called at');

            $office->signIn('engineer')->go(self::JOINT.'/build')->see('water in the strands')
                ->fill('Why it may stand', 'Cut back 2 m, dry there.')->press('Let it stand')->seeNoMore('Why it may stand');
        } finally {
            $trench->close();
            $office->close();
        }
    }

    private static function picture(): string
    {
        $file = tempnam(sys_get_temp_dir(), 'picture');
        self::assertIsString($file);
        imagejpeg(imagecreatetruecolor(640, 480), "$file.jpg");

        return "$file.jpg";
    }
}
