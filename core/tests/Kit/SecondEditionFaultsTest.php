<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Kit;

use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\File\Problem;
use Berm\Core\Prove\Prover;
use Berm\Core\Prove\Shortfall;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * What cannot be right in a sheet of the second edition is refused when it is read, or found when it is proved, with its place and its
 * mend.
 */
final class SecondEditionFaultsTest extends TestCase
{
    /** @return iterable<string, array{string, mixed, string}> path, what stands there, what is said */
    public static function refused(): iterable
    {
        yield 'a rule of an item about nothing' => [
            'items.10.rules.0.of', 'nonsense', 'item "jacket" has a rule about "nonsense", which is nothing it could lie to: name a layer',
        ];
        yield 'a rule of the sheet about nothing' => [
            'placeRules.3.items', ['nonsense'], 'placeRules "nothing-bare" speaks of "nonsense", which is no item',
        ];
        yield 'a target of the sheet that is nothing' => ['placeRules.3.of', 'nonsense', 'speaks of "nonsense", which is no item'];
        yield 'an exception from nothing' => [
            'excepted', [['key' => 'nonsense', 'reason' => 'x']], 'excepted "nonsense" is no rule of this sheet: name an item',
        ];
        yield 'made of what the box lacks' => [
            'items.9.of', 'glue', 'item "seal" is made of "glue", which is not in the box: name one of stress-tube',
        ];
        yield 'a window upside down' => ['placeRules.1.min', '12 mm', 'placeRules[1].max is less than "min" (10 mm, and 12 mm)'];
        yield 'a window of an item upside down' => [
            'items.0.rules.0.min', '12 mm', 'items[0].rules[0].max is less than "min" (9 mm, and 12 mm)',
        ];
        yield 'an unknown name' => [
            'items.9.from', 'cut_oversheat + 15 mm', 'items[9].from the formula "cut_oversheat + 15 mm" cannot be read: The name "cut_oversheat" is not one'
                .' that formulas know. Did you mean "cut_oversheath", the cut of the oversheath?',
        ];
        yield 'an unknown edge' => ['items.9.from', 'jaket_far', 'Did you mean "jacket_far", the far edge of the jacket?'];
        yield 'no fraction of an inch' => ['items.9.from', 'cut_oversheath + 1 1/3 in', '"1 1/3 in" is not an inch fraction'];
        yield 'stock of a size that the sheet lacks' => [
            'sizes.0.stock.glue', ['length' => '1 mm'], 'sizes[0].stock.glue is not stock of the sheet',
        ];
        yield 'a step that does nothing' => ['stages.0.steps.0', ['work' => '5 min'], 'must say one thing that is done'];
        yield 'a step of two things' => ['stages.0.steps.0', ['say' => 'x', 'set' => 'jacket'], 'must say one thing that is done'];
    }

    #[Test]
    #[DataProvider('refused')]
    public function isRefusedWithItsPlaceAndItsMend(string $path, mixed $value, string $says): void
    {
        try {
            Fields::readText(self::with($path, $value), KitSheetFile::read(...));
        } catch (BadDocument $bad) {
            self::assertStringContainsString($says, implode(' ', array_map(
                static fn (Problem $one): string => trim("$one->path $one->message"), $bad->problems,
            )));

            return;
        }
        self::fail('it is taken as it is');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what stands at which path, what is said */
    public static function found(): iterable
    {
        yield 'an edge of an item that is left out' => [
            ['items.1.when' => 'place == "chamber"', 'items.2.from' => 'step_near + 2 mm'],
            '"step" (Stress mastic over the screen edge) is left out on this job: give the place another edge then',
        ];
        yield 'stock that nothing uses' => [
            ['stock.20' => ['key' => 'foo', 'name' => 'Foo', 'kind' => 'tie', 'count' => 1]], 'Nothing uses the stock foo.',
        ];
        yield 'a cut that has no rule in some corner' => [
            [
                'cuts.0.cases.0.when' => 'conductor_area > 95 mm²',
            ], 'the kit sheet has no rule for the cut of the oversheath with this connector',
        ];
        yield 'a formula that gives nothing' => [
            ['cuts.0.cases.0.distance' => 'cut_metallic_screen + tape_left * (screens / (screens - screens))'], 'divides by zero',
        ];
        yield 'a window that turns upside down in some corner' => [
            ['placeRules.1.min' => '1 mm', 'placeRules.1.max' => 'conductor_diameter / 100'],
            'the rule "distance" of "gap" asks for at least 1 mm and at most',
        ];
        yield 'a nested tube that does not pass the one inside it' => [
            ['sizes.0.stock.stress-tube.outside' => '51 mm'],
            'insulating tube would not pass over the stress tube, parked: 1 mm too narrow',
        ];
        yield 'an item that ends before it begins' => [
            ['items.9.to' => 'cut_oversheath + 5 mm'], 'Sealing mastic: from its beginning to its end it would be -16 mm long.',
        ];
        yield 'a rule that does not hold' => [['items.10.hand' => '200 mm'], 'the rejacketing tube covers'];
    }

    /** @param array<string, mixed> $changes */
    #[Test]
    #[DataProvider('found')]
    public function isFoundWhenItIsProved(array $changes, string $says): void
    {
        $report = Prover::prove(Fields::readText(self::changed($changes), KitSheetFile::read(...)));
        $read = new Reader(LengthUnit::Millimetre);
        self::assertStringContainsString($says, implode("\n", array_map(
            static fn (Shortfall $one): string => $read->say($one->reason), $report->shortfalls,
        )));
    }

    #[Test]
    public function fractionsAreReadAsALeafletHasThem(): void
    {
        foreach (['cut_oversheath + 1 1/4 in', 'cut_oversheath + 1/4 in', 'cut_oversheath + 5,5 mm'] as $formula) {
            $sheet = Fields::readText(self::with('items.9.from', $formula), KitSheetFile::read(...));
            self::assertSame($formula, $sheet->items['seal']->placing->formulas()[0]->text);
        }
    }

    private static function with(string $path, mixed $value): string
    {
        return self::changed([$path => $value]);
    }

    /** @param array<string, mixed> $changes */
    private static function changed(array $changes): string
    {
        return Demo::changed('kits/quillon-core-17', $changes);
    }
}
