<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Job;

use Berm\Core\Build\Task;
use Berm\Core\Cable\End;
use Berm\Core\Electric\ScreenedField;
use Berm\Core\Job\AsPlanned;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Length;
use Berm\Core\Section\CutPoint;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use Berm\Core\Wire\SectionJson;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What was planned is held against what was found, and the field is told where it can be known. */
final class AsPlannedTest extends TestCase
{
    #[Test]
    public function aCutThatWasMadeTwoMillimetresFurtherIsToldWithWhereItWasToBe(): void
    {
        $plan = self::built(2_000_000);
        $planned = AsPlanned::of($plan) ?? self::fail('something is cut');
        $cut = self::cut($plan, Cut::Oversheath);
        $was = $planned->cut($cut->place, $cut->onAxis) ?? self::fail('it lies otherwise');
        self::assertSame(2_000_000, $cut->onAxis->nanometres - $was->nanometres, 'further from the lug, on a termination upwards');
        $insulation = self::cut($plan, Cut::Insulation);
        self::assertNull($planned->cut($insulation->place, $insulation->onAxis), 'cut as planned');
    }

    /** The sealing mastic is laid from the sheath's edge as it was found. */
    #[Test]
    public function anItemThatLiesFromItIsToldWithWhereItWasToLie(): void
    {
        $plan = self::built(2_000_000);
        $seal = self::item($plan, 'seal');
        $planned = AsPlanned::of($plan)?->edges($seal) ?? self::fail('it lies otherwise');
        self::assertEqualsWithDelta(2_000_000, $seal->from->nominal->nanometres - $planned[0]->nanometres, 1);
        self::assertEqualsWithDelta(2_000_000, $seal->to->nominal->nanometres - $planned[1]->nanometres, 1);
        $json = json_encode(SectionJson::of($plan), \JSON_THROW_ON_ERROR);
        self::assertStringContainsString('"plannedAxisMm":', $json);
        self::assertStringNotContainsString('"planned":{"fromMm":null', $json);
    }

    #[Test]
    public function whereAllWasCutAsPlannedNothingLiesOtherwise(): void
    {
        $plan = self::built(0);
        $planned = AsPlanned::of($plan) ?? self::fail('something is cut');
        foreach ($plan->section->cuts ?? [] as $cut) {
            self::assertNull($planned->cut($cut->place, $cut->onAxis), $cut->place->cut->value);
        }
        self::assertNull($planned->edges(self::item($plan, 'seal')));
        self::assertNull(AsPlanned::of(Plan::ofLog(self::job(), [])), 'nothing is cut yet');
    }

    /** Textbook, coaxial cylinder: U / (r ln(R/r)). 15 kV class: 15/√3 = 8.66 kV to earth. */
    #[Test]
    public function theFieldIsGreatestAtTheConductorScreenAndOnlyWhereTheScreenLies(): void
    {
        $plan = Plan::ofLog(self::job(), []);
        $cable = array_values($plan->job->cables)[0];
        $field = ScreenedField::of($cable) ?? self::fail('its diameters are known');
        self::assertEqualsWithDelta(8.66, $field->voltage, 0.01);
        $layers = SectionJson::of($plan)['layers'] ?? [];
        self::assertIsArray($layers);
        $by = array_column($layers, null, 'key');
        self::assertIsArray($by['insulation']);
        self::assertIsArray($by['insulation-screen']);
        self::assertIsArray($by['insulation']['field']);
        $told = $by['insulation']['field'];
        self::assertSame($by['insulation-screen']['fromMm'], $told['fromMm'], 'not beyond the edge of the screen');
        self::assertIsArray($by['oversheath']);
        self::assertSame(['field' => null], array_intersect_key($by['oversheath'], ['field' => 0]), 'of other layers none');
        // E r is the same at both radii: 8.66 / ln(R/r).
        $radius = $by['insulation']['radiusMm'];
        self::assertIsFloat($radius);
        $inner = $field->outside * $radius / $field->inside;
        self::assertEqualsWithDelta(8.66 / log($radius / $inner), $field->outside * $radius, 0.02);
        self::assertEqualsWithDelta(round($field->inside, 2), $told['insideKvPerMm'], 1e-9);
        self::assertGreaterThan($told['outsideKvPerMm'], $told['insideKvPerMm']);
    }

    private static function job(): Job
    {
        return Demo::job('osterwick-lined-15', '15 small', 'corvane-lug-1-0-250', ['A' => 'icea-1-0-cu-15-100'], 'indoor');
    }

    private static function built(int $further): Plan
    {
        $built = Built::toTheEnd(self::job(), static fn (Mark|Task $one): ?Length => $one instanceof Mark
            && End::A === $one->place->end && Cut::Oversheath === $one->place->cut
            ? $one->at->plus(Length::ofNanometres($further))
            : null);

        return $built->plan ?? self::fail('it is planned');
    }

    private static function cut(Plan $plan, Cut $cut): CutPoint
    {
        $found = array_filter($plan->section->cuts ?? [], static fn (CutPoint $one): bool => $one->place->cut === $cut);

        return array_values($found)[0] ?? self::fail('it has that cut');
    }

    private static function item(Plan $plan, string $key): PlacedItem
    {
        $found = array_filter($plan->section->items ?? [], static fn (PlacedItem $one): bool => $one->item->key === $key);

        return array_values($found)[0] ?? self::fail('it has that item');
    }
}
