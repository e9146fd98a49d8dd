<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable;

use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\LayersCross;
use Berm\Core\Cable\Seen;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Spot;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class AsFoundTest extends TestCase
{
    #[Test]
    public function severalReadingsGiveAMeanItsOvalityAndHowSureItIs(): void
    {
        $round = AsFound::of(['insulation' => self::read('19.50', '19.52')])->diameterOver(LayerKind::Insulation);
        self::assertSame(
            ['19.51 mm', '0.02 mm', '0.05 mm', 2],
            [$round?->mean->toText(), $round?->ovality->toText(), $round?->uncertainty->toText(), $round?->count],
        );
        $oval = AsFound::of(['insulation' => self::read('19.2', '19.8')])->diameterOver(LayerKind::Insulation);
        self::assertSame(
            ['19.5 mm', '0.3 mm'], [$oval?->mean->toText(), $oval?->uncertainty->toText()], 'half the spread is more than the caliper',
        );
    }

    #[Test]
    public function readingsOfTwoUnitsAndInstrumentsMayBeMixed(): void
    {
        $mixed = AsFound::of(['oversheath' => [
            ...self::read('25.4'), Reading::typed('1.000', LengthUnit::Inch, Instrument::DiameterTape),
        ]])->diameterOver(LayerKind::Oversheath);
        self::assertSame(['25.4 mm', '0.1 mm'], [$mixed?->mean->toText(), $mixed?->uncertainty->toText()]);
    }

    #[Test]
    public function insulationThinnerThanTheConductorIsRefusedWithBothNumbers(): void
    {
        $this->expectException(LayersCross::class);
        $this->expectExceptionMessage(
            'the diameter over the insulation (11 mm) is not larger than over the conductor beneath it (11.5 mm): check both, and that neither was typed in the other unit.',
        );
        AsFound::of(['insulation' => self::read('11'), 'conductor' => self::read('11.5')]);
    }

    #[Test]
    public function aThreeMetreCableIsRefused(): void
    {
        $this->expectExceptionMessage(
            'gives 3000 mm over the oversheath: a medium-voltage cable lies between 2 mm and 250 mm, so check the unit.',
        );
        AsFound::of(['oversheath' => self::read('3 m')]);
    }

    #[Test]
    public function ovalityIsReadRoundOnePlaceAndTaperAlongTheCable(): void
    {
        $at = static fn (string $typed, int $place, int $axis): Reading => Reading::typed(
            $typed, LengthUnit::Millimetre, Instrument::Caliper, Spot::of($place, $axis),
        );
        $measured = AsFound::of(['insulation' => [
            $at('19.40', 1, 0), $at('19.60', 1, 90), $at('19.90', 2, 0), $at('20.00', 2, 90),
        ]])->diameterOver(LayerKind::Insulation);
        self::assertSame(
            ['0.2 mm', '0.45 mm', 2, '0.3 mm'],
            [$measured?->ovality->toText(), $measured?->taper->toText(), $measured?->places, $measured?->uncertainty->toText()],
        );
        $this->expectExceptionMessage('place 10 at 30° is not one of places 1 to 9 at 0, 45, 90, 135°.');
        Spot::of(10, 30);
    }

    /** Source: IEC 60502-2: (greatest - least) / greatest. */
    #[Test]
    public function wallsGiveTheThinnestPointAndTheEccentricity(): void
    {
        $wall = AsFound::sheet([], self::read('3.2', '3.5', '3.9', '4.0'), [], null, null, '', Seen::nothing())->wall();
        self::assertSame(['3.2 mm', '3.65 mm', 4], [$wall?->least->toText(), $wall?->mean->toText(), $wall?->count]);
        self::assertEqualsWithDelta(0.2, $wall?->eccentricity, 1e-9);
    }

    /** @return non-empty-list<Reading> */
    private static function read(string $first, string ...$more): array
    {
        return array_values(array_map(
            static fn (string $typed): Reading => Reading::typed($typed, LengthUnit::Millimetre, Instrument::Caliper), [$first, ...$more],
        ));
    }
}
