<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Rework;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Kit\Mistake;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Rework\LeastWall;
use Berm\Core\Rework\Way;
use Berm\Core\Rework\WaysOn;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A wound in the insulation: what must be left of it, and what is done. Common practice, and the standards' least thickness. */
final class DressingTest extends TestCase
{
    /**
     * Worked by hand from the standards. IEC 60502-2: tn 3.4 mm (8.7/10 and 6.35/11 kV), 4.5 mm (8.7/15 kV), 5.5 mm (12/20 kV), 8.0 mm
     * (18/30 kV); least 0.9 tn - 0.1 mm. ICEA S-97-682, least point: 5 kV 85 mils, 15 kV 165 mils, both at 100 %, from memory.
     *
     * @return iterable<string, array{string, string, string}> a sheet whose cable it is, the least and where it is from
     */
    public static function leastWalls(): iterable
    {
        yield '6.35/11 kV, 0.9 x 3.4 - 0.1' => ['marlpike-sets-24', '2.96 mm', 'IEC 60502-2, 0.9 tn − 0.1 mm'];
        yield '12/20 kV, 0.9 x 5.5 - 0.1' => ['marlpike-drawn-24', '4.85 mm', 'IEC 60502-2, 0.9 tn − 0.1 mm'];
        yield '8.7/15 kV, 0.9 x 4.5 - 0.1' => ['quillon-core-17', '3.95 mm', 'IEC 60502-2, 0.9 tn − 0.1 mm'];
        yield '18/30 kV, 0.9 x 8.0 - 0.1' => ['quillon-ribbed-36', '7.1 mm', 'IEC 60502-2, 0.9 tn − 0.1 mm'];
        yield '5 kV 100 %, 85 mils' => ['harrow-skirted-35', '2.159 mm', 'ICEA S-97-682, least point'];
        yield '15 kV 100 %, 165 mils' => ['harrow-sock-28', '4.191 mm', 'ICEA S-97-682, least point'];
    }

    #[Test]
    #[DataProvider('leastWalls')]
    public function soMuchMustBeLeft(string $sheet, string $least, string $standard): void
    {
        $wall = LeastWall::of(self::cable($sheet)) ?? self::fail('its standard says');
        self::assertSame([$least, $standard], [$wall->least->toText(), $wall->standard]);
    }

    #[Test]
    public function papersAreNeverDressed(): void
    {
        self::assertNull(LeastWall::of(self::cable('quillon-paper-17')));
    }

    #[Test]
    public function aGrooveIsDressedAsDeepAsTheStandardLeavesOrCutBack(): void
    {
        $ways = self::ways(self::wound('marlpike-drawn-24'));
        $dress = $ways['dress'];
        self::assertTrue($dress->isOne());
        self::assertStringStartsWith(
            'No deeper than 0.65 mm of the 5.5 mm that the cable type has: 4.85 mm must be left at the thinnest place, measured (IEC',
            self::say($dress->does),
        );
        self::assertStringContainsString('Never onto the screen', self::say($dress->does));
        self::assertStringStartsWith('Cut end A back past it', self::say($ways['cut-back']->title));
        self::assertSame('129 mm', $ways['cut-back']->cost->cable->toText(), 'all that is bare, as far as the screen');
    }

    /** 4.8 mm is less than 0.9 x 5.5 - 0.1 = 4.85 mm; 4.9 mm is not. */
    #[Test]
    public function whereTooLittleIsLeftItIsCutBack(): void
    {
        $job = Spoilt::atCheck('marlpike-drawn-24', 'left', Length::ofMicrometres(-50));
        $ways = self::ways($job);
        self::assertSame('4.8 mm is left; 4.85 mm must be, at the thinnest place.', self::say($ways['dress']->refusal));
        self::assertSame('cut-back', array_key_first($ways), 'what cuts least');
        self::assertTrue($job->take($ways['cut-back']));
        self::assertNull($job->toTheEnd());
    }

    /** A scorch: wipe, abrade; else another tube. */
    #[Test]
    public function aScorchIsWipedAndAbradedElseTheTubeComesOff(): void
    {
        $ways = self::ways(Spoilt::atScorch('quillon-ribbed-36'));
        self::assertSame('mend', array_key_first($ways));
        self::assertSame(
            'Wipe a light one. A deep one is abraded to sound wall; where the wall is thin then, the tube comes off.',
            self::say($ways['mend']->does),
        );
        self::assertSame(
            'What is shrunk does not come off whole: it is cut along and lost, and another one is needed.',
            self::say($ways['take-off']->does),
        );
        self::assertArrayHasKey('cut-out', $ways);
    }

    private static function cable(string $sheet): CableEnd
    {
        $cable = Demo::corner($sheet)->cables[End::A->value] ?? self::fail('it has a cable');
        self::assertTrue($cable->construction->design->has(LayerKind::Insulation));

        return $cable;
    }

    /** The look for grooves is answered with no. */
    private static function wound(string $sheet): Spoilt
    {
        for ($number = 1; $number < 60; ++$number) {
            $job = Spoilt::atLook($sheet, $number);
            $place = $job->fault ?? self::fail('it is out');
            if (\in_array(Mistake::Groove, $job->plan->progress?->task($place)->check->catches ?? [], true)) {
                return $job;
            }
        }
        self::fail('nobody looks for grooves');
    }

    /** @return array<string, Way> by kind, of each the first */
    private static function ways(Spoilt $job): array
    {
        $ways = [];
        foreach (WaysOn::from($job->plan, $job->fault ?? self::fail('it is out'), Demo::connectors(), []) as $way) {
            $ways[$way->kind->value] ??= $way;
        }

        return $ways;
    }

    private static function say(?Sentence $sentence): string
    {
        return null === $sentence ? '' : (new Reader(LengthUnit::Millimetre))->say($sentence);
    }
}
