<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable;

use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\Basis;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Completion;
use Berm\Core\Cable\Construction;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\LayerKind;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\Fields;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class CompletionTest extends TestCase
{
    #[Test]
    public function aCableKnownByNameAloneIsWorkedOutFromItsStandard(): void
    {
        $complete = Completion::of(self::described([]));
        self::assertSame('19.5 mm', $complete->diameterOver(LayerKind::Insulation)?->toText());
        self::assertSame(
            [Basis::Computed],
            array_values(array_unique(array_map(static fn (Layer $layer): Basis => $layer->basis, $complete->layers), \SORT_REGULAR)),
        );
        self::assertSame(
            array_map(static fn (LayerKind $kind): string => $kind->value, $complete->design->layers()), array_keys($complete->layers),
        );
    }

    #[Test]
    public function whatIsStatedStaysAndTheRestIsBuiltOnIt(): void
    {
        $complete = Completion::of(self::described([['layer' => 'insulation', 'diameter' => '20.1 mm']]));
        self::assertSame(
            ['20.1 mm', Basis::Stated], [$complete->diameterOver(LayerKind::Insulation)?->toText(), $complete->layers['insulation']->basis],
        );
        self::assertSame(
            ['21.7 mm', Basis::Computed],
            [$complete->diameterOver(LayerKind::InsulationScreen)?->toText(), $complete->layers['insulation-screen']->basis],
            'the screen’s 0.8 mm on the stated insulation',
        );
        self::assertStringStartsWith('from the diameter beneath', $complete->layers['insulation-screen']->source);
    }

    /** Typical of armoured three-core cables, from memory: two steel tapes of 30 mils, or one layer of wires of 165 mils. */
    #[Test]
    public function anArmouredCableOfTheNorthAmericanSortHasItsArmour(): void
    {
        $over = static function (string $armour): string {
            $complete = Completion::of(self::described([], [
                'ratedVoltage' => '15 kV', 'insulationLevel' => 100, 'cores' => 3, 'armour' => $armour, 'bedding' => 'extruded',
                'conductor' => ['material' => 'aluminium', 'shape' => 'compressed', 'size' => '4/0'], 'oversheath' => 'pvc',
            ]));
            $under = $complete->diameterOver(LayerKind::Bedding) ?? self::fail('no bedding');

            return $complete->diameterOver(LayerKind::Armour)?->minus($under)->toText() ?? '';
        };
        self::assertSame(['3.048 mm', '8.382 mm'], [$over('steel-tape'), $over('steel-wire')]);
    }

    /** Under a counter helix of 0.1 mm (common practice). */
    #[Test]
    public function wiresThatAreGivenMakeTheScreen(): void
    {
        $complete = Completion::of(
            self::described([], ['metallicScreen' => 'copper-wire', 'screenWires' => ['count' => 36, 'diameter' => '0.8 mm']]),
        );
        $under = $complete->diameterOver(LayerKind::InsulationScreen) ?? self::fail('no screen');
        self::assertSame('1.8 mm', $complete->diameterOver(LayerKind::MetallicScreen)?->minus($under)->toText());
    }

    #[Test]
    public function threeCoresAreLaidUpFromTheStatedCore(): void
    {
        $complete = Completion::of(self::described(
            [['layer' => 'metallic-screen', 'diameter' => '22 mm']], ['cores' => 3, 'bedding' => 'extruded', 'armour' => 'steel-wire'],
        ));
        self::assertEqualsWithDelta(22 * 2.1547, $complete->diameterOver(LayerKind::LaidUpCores)?->inMillimetres(), 0.001);
        self::assertNotNull($complete->diameterOver(LayerKind::Armour));
    }

    #[Test]
    public function aComputedLayerNeverSwallowsAStatedOne(): void
    {
        $complete = Completion::of(self::described([['layer' => 'oversheath', 'diameter' => '20 mm']]));
        self::assertSame('20 mm', $complete->diameterOver(LayerKind::Oversheath)?->toText());
        self::assertNull($complete->diameterOver(LayerKind::InsulationScreen), 'what the standard gives would lie outside the sheath');
    }

    #[Test]
    public function whatNoRuleGivesStaysOpenAndIsAskedFor(): void
    {
        $complete = Completion::of(self::described([['layer' => 'conductor', 'diameter' => '12 mm']], ['ratedVoltage' => '52 kV']));
        self::assertSame(['conductor'], array_keys($complete->layers));
        $end = new CableEnd(End::B, $complete, AsFound::nothing(), null);
        $this->expectExceptionMessage('End B: measure over the oversheath; this cable type does not give it.');
        $end->knownDiameterOver(LayerKind::Oversheath);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function impossible(): iterable
    {
        yield 'paper without lead' => [['insulation' => 'paper'], 'name "lead-sheath" as its metallic screen'];
        yield 'one sector' => [
            ['conductor' => ['material' => 'copper', 'shape' => 'sector', 'size' => '95 mm²']], 'sectors come in threes',
        ];
        yield 'no insulation screen' => [['insulationScreen' => 'none'], 'a medium-voltage core has one'];
        yield 'wires on a tape' => [['screenWires' => ['count' => 16, 'diameter' => '1.63 mm']], 'a copper tape screen has none'];
        yield 'wires as thick as a finger' => [
            ['metallicScreen' => 'copper-wire', 'screenWires' => ['count' => 16, 'diameter' => '16 mm']], 'lie between 0.2 mm and 6 mm',
        ];
        yield 'armour that is not there' => [
            ['layers' => [['layer' => 'armour', 'diameter' => '30 mm']]],
            'gives a diameter over the armour, which a cable described like this does not have',
        ];
        yield 'two cores' => [['cores' => 2], 'must be one of 1, 3.'];
    }

    /** @param array<string, mixed> $change */
    #[Test]
    #[DataProvider('impossible')]
    public function aCableThatCannotBeIsRefusedWithTheMend(array $change, string $mend): void
    {
        $this->expectExceptionMessage($mend);
        self::described([], $change);
    }

    /**
     * @param list<array<string, string>> $layers
     * @param array<string, mixed>        $change
     */
    private static function described(array $layers, array $change = []): Construction
    {
        $file = [
            'id' => 'test', 'revision' => 1, 'designation' => 'Test', 'ratedVoltage' => '6.35/11 (12) kV', 'conductor' => [
                'material' => 'aluminium', 'shape' => 'compacted', 'size' => '95 mm²',
            ],
            'insulation' => 'xlpe', 'metallicScreen' => 'copper-tape', 'oversheath' => 'pe', 'layers' => $layers,
        ];

        return Fields::read([...$file, ...$change], CableTypeFile::read(...));
    }
}
