<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Section;

use Berm\Core\Build\BuildState;
use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Connector\Fixing;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\RuleKind;
use Berm\Core\Section\Ruling;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * Every kind of rule about lengths, by numbers worked out by hand from the sheet of system 1.
 *
 * From the middle of the joint: the screen edges at 180 mm (360 between them), copper at 240, sheath at 290. Recovered lengths: stress
 * tube 450 × 0.96 = 432, so its ends at 216; the springs from 252 to 268, the seals from 305 to 330. Cuts: screen ± 1, copper ± 1.5, sheath
 * ± 3; hands: tube ± 5, spring ± 2, seal ± 3; the tube's length ± 1.5 % of 450 = 6.75, half of it at each end. A shear-bolt connector: it
 * does not grow, and each conductor may stand up to 1 mm short of home, which takes its cuts further out.
 */
final class RulingsTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, string>, RuleKind, float, float, float}> */
    public static function ofItems(): iterable
    {
        // Centred between both screen edges, each ± 1: an end moves by half of either, 5 by hand and 3.375 by its length; the edge by 1.
        // Its own edge counts against it by 1/2 and not by 1, since the tube goes along by half of it.
        $screen = ['rule' => 'laps', 'of' => 'insulation-screen'];
        yield 'laps' => ['stress-tube', [...$screen, 'min' => '30 mm'], RuleKind::Laps, 36.0, 6.0, 6.0 - 5 - 3.375 - 1 - 1];
        yield 'laps at most' => ['stress-tube', [...$screen, 'max' => '40 mm'], RuleKind::Laps, 36.0, 4.0, 4.0 - 5 - 3.375 - 1];
        // Short of home moves the copper by all of it and the tube by half: it can only make the gap wider.
        yield 'gap' => [
            'stress-tube', ['rule' => 'gap', 'of' => 'metallic-screen', 'min' => '20 mm'],
            RuleKind::Gap, 24.0, 4.0, 4.0 - 5 - 3.375 - 1 - 1.5,
        ];
        yield 'butts' => [
            'stress-tube', ['rule' => 'butts', 'of' => 'metallic-screen', 'max' => '30 mm'],
            RuleKind::Butts, 24.0, 6.0, 6.0 - 5 - 3.375 - 1 - 1.5 - 1,
        ];
        yield 'centred-on' => [
            'stress-tube', ['rule' => 'centred-on', 'of' => 'connector', 'max' => '8 mm'],
            RuleKind::CentredOn, 0.0, 8.0, 8.0 - 5 - 1 - 0.5,
        ];
        yield 'covers' => [
            'stress-tube', ['rule' => 'covers', 'of' => 'insulating-tube', 'min' => '1 mm'],
            RuleKind::Covers, 2.25, 1.25, 1.25 - 5 - 5 - 3.375 - 3.375,
        ];
        // Both are laid from a cut of their own: the spring from the copper, the seal from the sheath.
        yield 'clear-of' => [
            'spring', ['rule' => 'clear-of', 'of' => 'seal', 'min' => '30 mm'],
            RuleKind::ClearOf, 37.0, 7.0, 7.0 - 1.5 - 3 - 2 - 3,
        ];
        // Laid from the same cut: it goes along, and only the hand is left.
        yield 'ends-short-of' => [
            'spring', ['rule' => 'ends-short-of', 'of' => 'metallic-screen', 'min' => '10 mm'],
            RuleKind::EndsShortOf, 12.0, 2.0, 0.0,
        ];
    }

    /** @param array<string, string> $rule */
    #[Test]
    #[DataProvider('ofItems')]
    public function aRuleOfAnItemComesToWhatItsNumbersComeTo(
        string $item, array $rule, RuleKind $kind, float $value, float $nominal, float $worst,
    ): void {
        $at = ['stress-tube' => 3, 'spring' => 8][$item] ?? self::fail();
        $plan = self::plan(["items.$at.rules" => [[...$rule, 'reason' => 'x']], 'items.7.rules' => []]);
        $ruling = self::of($plan, $item, $kind, $rule['of'] ?? '');
        self::assertEqualsWithDelta([$value, $nominal, $worst], self::figures($ruling), 1e-6);
    }

    /** @return iterable<string, array{array<string, mixed>, float, float, float}> */
    public static function ofTheSheet(): iterable
    {
        yield 'distance' => [
            ['rule' => 'distance', 'from' => 'cut_insulation_screen', 'to' => 'cut_metallic_screen', 'min' => '55 mm'],
            60.0, 5.0, 5.0 - 1 - 1.5,
        ];
        yield 'distance, across' => [
            ['rule' => 'distance', 'from' => 'cut_insulation_screen', 'to' => 'cut_insulation_screen', 'side' => 'across',
                'max' => '365 mm'],
            360.0, 5.0, 5.0 - 1 - 1 - 1 - 1,
        ];
        yield 'same on both ends' => [
            ['rule' => 'same-on', 'from' => 'cut_insulation', 'to' => 'cut_insulation_screen', 'max' => '3 mm'], 0.0, 3.0, 3.0 - 2 * 1 - 1,
        ];
        $sheaths = ['side' => 'across', 'from' => 'cut_oversheath', 'to' => 'cut_oversheath'];
        $coppers = ['side' => 'across', 'from' => 'cut_metallic_screen', 'to' => 'cut_metallic_screen'];
        $across = ['side' => 'across', 'from' => 'cut_insulation_screen', 'to' => 'cut_insulation_screen'];
        yield 'nothing bare' => [
            ['rule' => 'no-bare', 'items' => ['stress-tube'], ...$across], 36.0, 36.0, 36.0 - 5 - 3.375 - 1 - 1,
        ];
        // The dual-wall tube, 560 × 0.95 = 532, ends at 266, 24 short of the sheath: 560 × 1.5 % = 8.4, half of it at each end.
        yield 'bare beyond the last of them' => [
            ['rule' => 'no-bare', 'items' => ['stress-tube', 'dual-tube'], ...$sheaths],
            -24.0, -24.0, -24.0 - 5 - 4.2 - 1 - 3 - 1,
        ];
        // The braid is made 500 mm long here; from copper to copper are 480.
        yield 'reaches' => [
            ['rule' => 'reaches', 'items' => ['braid'], ...$coppers, 'min' => '10 mm'],
            20.0, 10.0, 10.0 - 1.5 - 1.5 - 1 - 1,
        ];
        yield 'reaches not' => [
            ['rule' => 'reaches', 'items' => ['braid'], ...$sheaths], -80.0, -80.0, -80.0 - 3 - 3 - 1 - 1,
        ];
    }

    /** @param array<string, mixed> $rule */
    #[Test]
    #[DataProvider('ofTheSheet')]
    public function aRuleOfTheSheetComesToWhatItsNumbersComeTo(array $rule, float $value, float $nominal, float $worst): void
    {
        $plan = self::plan(['placeRules' => [['key' => 'x', 'reason' => 'x', ...$rule]], 'stock.9.length' => '500 mm']);
        foreach ($plan->rulings as $ruling) {
            if ('x' === $ruling->place->item) {
                self::assertEqualsWithDelta([$value, $nominal, $worst], self::figures($ruling), 1e-6);

                return;
            }
        }
        self::fail('no ruling');
    }

    #[Test]
    public function whatIsStretchedIsJudgedByItsBoreAtRest(): void
    {
        $on = static fn (string $layer): Plan => self::plan(
            ['items.3.rules' => [['rule' => 'interference', 'of' => $layer, 'min' => '2 mm', 'reason' => 'x']]],
        );
        $isIt = static fn (Ruling $one): bool => RuleKind::Interference === $one->place->rule;
        self::assertSame([], array_filter($on('metallic-screen')->rulings, $isIt), 'it does not lie there');
        $plan = $on('insulation-screen');
        $ruling = self::of($plan, 'stress-tube', RuleKind::Interference, 'insulation-screen');
        $screen = $plan->job->cables['A']->knownDiameterOver(LayerKind::InsulationScreen)->inMillimetres();
        self::assertEqualsWithDelta($screen - 15.0, $ruling->value->inMillimetres(), 1e-6, 'its bore is 15 mm at rest');
        self::assertEqualsWithDelta($screen - 17.0, $ruling->margin->nominal->inMillimetres(), 1e-6);
        self::assertEqualsWithDelta($screen - 17.05, $ruling->margin->worst->inMillimetres(), 1e-6, 'read with a caliper, ± 0.05 mm');
    }

    #[Test]
    public function anEngineerIsNeededWhereARuleDoesNotHoldOrMostLikelyWillNot(): void
    {
        $least = static fn (string $least): Ruling => self::of(self::plan(
            ['items.3.rules' => [['rule' => 'laps', 'of' => 'insulation-screen', 'min' => $least, 'reason' => 'x']]],
        ), 'stress-tube', RuleKind::Laps, 'insulation-screen');
        // 36 mm; at the worst 10.375 less, likely √(5² + 3.375² + 4 × 0.5²) = 6.11 less.
        $asked = array_map(static fn (string $one): array => [$least($one)->needsEngineer(), $least($one)->isToBeAsked()], [
            '25 mm', '29 mm', '31 mm', '37 mm',
        ]);
        self::assertSame([[false, false], [false, true], [true, false], [true, false]], $asked);
    }

    /** @return array{float, float, float} value, nominal and worst margin in mm */
    private static function figures(Ruling $ruling): array
    {
        return [
            $ruling->value->inMillimetres(), $ruling->margin->nominal->inMillimetres(), $ruling->margin->worst->inMillimetres(),
        ];
    }

    private static function of(Plan $plan, string $item, RuleKind $kind, string $of): Ruling
    {
        foreach ($plan->rulings as $ruling) {
            $isIt = $item === $ruling->place->item && $kind === $ruling->place->rule && $of === ($ruling->place->of->key ?? '');
            if ($isIt && (null === $ruling->place->where->end || End::A === $ruling->place->where->end)) {
                return $ruling;
            }
        }
        self::fail("no $kind->value of $item");
    }

    /** @param array<string, mixed> $changes to the sheet of system 1 */
    private static function plan(array $changes): Plan
    {
        return Plan::of(Demo::corner('quillon-core-17', $changes, Fixing::ShearBolt), BuildState::nothingDone());
    }
}
