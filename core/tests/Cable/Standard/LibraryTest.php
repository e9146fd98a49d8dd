<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable\Standard;

use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\Standard\LayerStack;
use Berm\Core\Cable\Standard\Library;
use Berm\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class LibraryTest extends TestCase
{
    #[Test]
    public function everyShippedConstructionIsOrderedAndEachNominalLiesInItsWindow(): void
    {
        $ids = $standards = [];
        foreach (Library::shipped() as $cable) {
            $ids[] = $cable->revision->id;
            $standards[$cable->standard] = true;
            foreach ($cable->layers as $layer) {
                self::assertTrue($layer->window?->contains($layer->diameter), $cable->designation.' '.$layer->kind->value);
                self::assertNotSame('', $layer->source);
            }
            self::assertSame(
                [],
                array_filter(
                    $cable->design->layers(),
                    static fn (LayerKind $kind): bool => LayerKind::ConductorScreen !== $kind && null === $cable->diameterOver($kind),
                ),
                $cable->designation,
            );
        }
        self::assertGreaterThanOrEqual(1000, \count($ids));
        self::assertSame($ids, array_values(array_unique($ids)));
        self::assertEqualsCanonicalizing(
            ['IEC 60502-2', 'ICEA S-94-649', 'ICEA S-97-682', 'paper and cambric under lead, as typically made'], array_keys($standards),
        );
    }

    /**
     * Source: an estimate, worked from conductor-conductor 5.6 mm and conductor-sheath 4.2 mm at a fill of 0.85 (BS 6480 from memory,
     * unsure): under lead and over it, in mm.
     */
    #[Test]
    public function beltedPaperCablesComeOutAsTheEstimate(): void
    {
        $byId = [];
        foreach (Library::shipped() as $cable) {
            $byId[$cable->revision->id] = $cable;
        }
        foreach ([
            70 => [32.3, 35.9],
            95 => [35.1, 38.7],
            120 => [37.6, 41.2],
            150 => [40.3, 43.9],
            185 => [43.1, 46.9],
            240 => [47.0, 51.0],
            300 => [50.9, 55.1],
        ] as $area => [$under, $over]) {
            $cable = $byId["lead-3x$area-cu-12-belted-steel-wire"];
            self::assertEqualsWithDelta($under, $cable->diameterOver(LayerKind::Belt)?->inMillimetres(), 0.06, "3×$area under lead");
            self::assertEqualsWithDelta($over, $cable->diameterOver(LayerKind::LeadSheath)?->inMillimetres(), 0.16, "3×$area over lead");
            self::assertStringContainsString('estimate', $cable->layers['lead-sheath']->source);
        }
    }

    /** Source: plane geometry, 1 + 2/sqrt(3); IEC 60502-2 table A.3 rounds it to 2.16. */
    #[Test]
    public function threeCoresAreLaidUpByGeometry(): void
    {
        $core = LayerStack::on(Length::ofMillimetres(20), Length::ofMillimetres(19), Length::ofMillimetres(21), 'test');
        self::assertEqualsWithDelta(20 * (1 + 2 / sqrt(3)), $core->laidUp()->nominal()->inMillimetres(), 1e-4);
    }

    #[Test]
    public function theWholeCatalogueHasMoreThanFiveThousandWithIdsOfTheirOwn(): void
    {
        $ids = [];
        foreach (Library::all() as $cable) {
            $ids[$cable->revision->id] = ($ids[$cable->revision->id] ?? 0) + 1;
        }
        self::assertGreaterThan(5000, \count($ids));
        self::assertSame(1, max([0, ...array_values($ids)]));
    }
}
