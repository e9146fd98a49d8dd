<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable;

use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\LayersCross;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class AsFoundTest extends TestCase
{
    #[Test]
    public function severalReadingsGiveAMeanItsOvalityAndHowSureItIs(): void
    {
        $round = AsFound::of(['insulation' => self::read('19.50', '19.52')])->diameterOver(LayerKind::Insulation);
        self::assertSame(['19.51 mm', '0.02 mm', '0.05 mm', 2], [$round?->mean->toText(), $round?->ovality->toText(), $round?->uncertainty->toText(), $round?->count]);
        $oval = AsFound::of(['insulation' => self::read('19.2', '19.8')])->diameterOver(LayerKind::Insulation);
        self::assertSame(['19.5 mm', '0.3 mm'], [$oval?->mean->toText(), $oval?->uncertainty->toText()], 'half the spread is more than the caliper');
    }

    #[Test]
    public function readingsOfTwoUnitsAndInstrumentsMayBeMixed(): void
    {
        $mixed = AsFound::of(['oversheath' => [...self::read('25.4'), Reading::typed('1.000', LengthUnit::Inch, Instrument::DiameterTape)]])->diameterOver(LayerKind::Oversheath);
        self::assertSame(['25.4 mm', '0.1 mm'], [$mixed?->mean->toText(), $mixed?->uncertainty->toText()]);
    }

    #[Test]
    public function insulationThinnerThanTheConductorIsRefusedWithBothNumbers(): void
    {
        $this->expectException(LayersCross::class);
        $this->expectExceptionMessage('the diameter over the insulation (11 mm) is not larger than over the conductor beneath it (11.5 mm): check both, and that neither was typed in the other unit.');
        AsFound::of(['insulation' => self::read('11'), 'conductor' => self::read('11.5')]);
    }

    #[Test]
    public function aThreeMetreCableIsRefused(): void
    {
        $this->expectExceptionMessage('gives 3000 mm over the oversheath: a medium-voltage core lies between 2 mm and 150 mm, so check the unit.');
        AsFound::of(['oversheath' => self::read('3 m')]);
    }

    /** @return non-empty-list<Reading> */
    private static function read(string $first, string ...$more): array
    {
        return array_values(array_map(static fn (string $typed): Reading => Reading::typed($typed, LengthUnit::Millimetre, Instrument::Caliper), [$first, ...$more]));
    }
}
