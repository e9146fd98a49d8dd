<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Formula;

use Berm\Core\Formula\BadFormula;
use Berm\Core\Formula\Dimension;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\MissingValue;
use Berm\Core\Formula\Values;
use Berm\Core\Formula\Vocabulary;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class FormulaTest extends TestCase
{
    /**
     * The strip schools of the trade (common practice), and what formulas must be able to say besides.
     *
     * @return iterable<string, array{string, string}>
     */
    public static function formulas(): iterable
    {
        yield 'half the connector and an allowance' => ['connector_length / 2 + 5 mm', '57.5 mm'];
        yield 'butt' => ['connector_length / 2', '52.5 mm'];
        yield 'bore depth and an allowance' => ['bore_depth + 3 mm', '59 mm'];
        yield 'an allowance in inches' => ['bore_depth + 0.25 in', '62.35 mm'];
        yield 'a fraction, quoted' => ['length("1 3/4 in")', '44.45 mm'];
        yield 'a decimal factor' => ['0.5 * connector_length', '52.5 mm'];
        yield 'brackets' => ['(connector_length + bore_depth) / 2', '80.5 mm'];
        yield 'the larger of two' => ['max(bore_depth, 60 mm)', '60 mm'];
        yield 'the smaller of two' => ['min(bore_depth, 60 mm)', '56 mm'];
        yield 'a ratio of lengths scales' => ['10 mm * (connector_length / bore_depth)', '18.75 mm'];
        yield 'below zero' => ['-connector_length / 2', '-52.5 mm'];
        yield 'a condition' => ['connector_fixing == "crimp" ? 7 mm : 1 mm', '7 mm'];
        yield 'a named dimension' => ['clear + 1 mm', '109 mm'];
        yield 'an area over a width' => ['95 mm² / 5 mm', '19 mm'];
        yield 'by the voltage of the cable' => ['voltage > 15 kV ? 2 mm : 1 mm', '1 mm'];
        yield 'by the size of the conductor' => ['conductor_area >= 95 mm2 ? 8 mm : 6 mm', '8 mm'];
        yield 'not above itself' => ['bore_depth > 56 mm ? 2 mm : 1 mm', '1 mm'];
        yield 'not below itself' => ['bore_depth < 56 mm ? 2 mm : 1 mm', '1 mm'];
        yield 'at least itself' => ['bore_depth >= 56 mm ? 2 mm : 1 mm', '2 mm'];
        yield 'at most itself' => ['bore_depth <= 56 mm ? 2 mm : 1 mm', '2 mm'];
        yield 'one or the other' => ['bore_depth > 56 mm or connector_fixing == "crimp" ? 2 mm : 1 mm', '2 mm'];
        yield 'the one or the other' => ['connector_fixing == "crimp" or bore_depth > 56 mm ? 2 mm : 1 mm', '2 mm'];
        yield 'neither' => ['bore_depth > 56 mm or connector_fixing == "shear-bolt" ? 2 mm : 1 mm', '1 mm'];
        yield 'both' => ['bore_depth >= 56 mm and connector_fixing == "crimp" ? 2 mm : 1 mm', '2 mm'];
        yield 'only one' => ['bore_depth > 56 mm and connector_fixing == "crimp" ? 2 mm : 1 mm', '1 mm'];
        yield 'another text' => ['connector_fixing != "crimp" ? 2 mm : 1 mm', '1 mm'];
        yield 'not' => ['not (bore_depth > 56 mm) ? 2 mm : 1 mm', '2 mm'];
        yield 'a length times a number' => ['bore_depth * 2', '112 mm'];
        yield 'a number times a length' => ['3 * bore_depth', '168 mm'];
        yield 'a length over a number' => ['bore_depth / 7', '8 mm'];
        yield 'numbers are added before they scale' => ['bore_depth * (1 + 2)', '168 mm'];
        yield 'and taken off' => ['bore_depth * (3 - 1)', '112 mm'];
        yield 'a number below zero' => ['bore_depth * -2', '-112 mm'];
        yield 'a plus before a length' => ['+bore_depth', '56 mm'];
        yield 'a plus before a number' => ['bore_depth * +2', '112 mm'];
        yield 'twice below zero' => ['-(-bore_depth)', '56 mm'];
        yield 'an area is length times length' => ['bore_depth * 10 mm == 560 mm² ? 2 mm : 1 mm', '2 mm'];
        yield 'an area of its own over a length' => ['bore_depth * 10 mm / 56 mm', '10 mm'];
        yield 'areas are added' => ['(95 mm² + 5 mm²) / 10 mm', '10 mm'];
        yield 'areas are taken off' => ['(95 mm² - 45 mm²) / 10 mm', '5 mm'];
        yield 'an area twice' => ['95 mm² * 2 / 10 mm', '19 mm'];
        yield 'a ratio of areas scales' => ['10 mm * (conductor_area / 190 mm²)', '5 mm'];
        yield 'an area below zero' => ['-95 mm² / 10 mm', '-9.5 mm'];
        yield 'numbers are compared' => ['connector_length / bore_depth > 2 ? 2 mm : 1 mm', '1 mm'];
        yield 'a number that is the same' => ['bore_depth / bore_depth == 1 ? 2 mm : 1 mm', '2 mm'];
        yield 'lengths that are the same' => ['bore_depth == length("5.6 cm") ? 2 mm : 1 mm', '2 mm'];
        yield 'lengths that are not the same' => ['bore_depth != 56 mm ? 2 mm : 1 mm', '1 mm'];
        yield 'the larger of three' => ['max(bore_depth, 10 mm, connector_length)', '105 mm'];
        yield 'the smaller of three' => ['min(bore_depth, 60 mm, connector_length)', '56 mm'];
        yield 'of one' => ['max(bore_depth)', '56 mm'];
        yield 'the larger of two numbers scales' => ['bore_depth * max(1, 2)', '112 mm'];
        yield 'the smaller of two numbers scales' => ['bore_depth * min(1, 2)', '56 mm'];
        yield 'one condition in another' => ['voltage > 15 kV ? 3 mm : bore_depth > 50 mm ? 2 mm : 1 mm', '2 mm'];
        yield 'always' => ['true ? 2 mm : 1 mm', '2 mm'];
        yield 'never' => ['false ? 2 mm : 1 mm', '1 mm'];
        yield 'not never' => ['!false ? 2 mm : 1 mm', '2 mm'];
        yield 'a truth that is the same' => ['(bore_depth > 50 mm) == true ? 2 mm : 1 mm', '2 mm'];
        yield 'to the nearest nanometre' => ['2 mm / 3', '0.666667 mm'];
        yield 'exact where floats are not' => ['0.1 mm + 0.2 mm', '0.3 mm'];
    }

    #[Test]
    #[DataProvider('formulas')]
    public function aLeafletsRuleIsWorkedOutExactly(string $text, string $result): void
    {
        self::assertSame($result, Formula::parse($text, self::vocabulary())->length(self::values())->toText());
    }

    /** @return iterable<string, array{string, string}> */
    public static function badFormulas(): iterable
    {
        yield 'a length where a condition belongs, after' => ['true and 5 mm ? 1 mm : 2 mm', 'puts "and" between'];
        yield 'and before' => ['5 mm or true ? 1 mm : 2 mm', 'puts "or" between'];
        yield 'nothing' => ['', 'cannot be read: something is missing at its end.'];
        yield 'an end that is missing' => ['5 mm +', 'cannot be read: something is missing at its end.'];
        yield 'two values without a sign' => ['5 mm 3 mm', 'two values stand side by side with no sign between them'];
        yield 'a bracket left open at the end' => ['(5 mm', '"(" is opened and not closed'];
        yield 'a bracket that closes nothing' => ['5 mm)', '")" closes what was not opened'];
        yield 'a sign of another language' => ['5 mm # 3', '"#" is not a sign that formulas have'];
        yield 'a word where a sign belongs' => ['5 mm and', '"and" cannot stand where it does'];
        yield 'a function nobody has' => ['foo(5 mm)', '"foo" is not one of max and min'];
        yield 'a slip in a name' => ['conector_length', 'Did you mean "connector_length"?'];
        yield 'longer than anybody writes' => [str_repeat('5 mm + ', 60).'5 mm', 'is longer than 400 signs'];
        yield 'an unknown name' => ['connector_lenght / 2', 'cannot be read: The name "connector_lenght" is not one that formulas know'];
        yield 'a bracket left open' => ['(connector_length / 2', '"(" is opened and not closed'];
        yield 'a length and a number' => ['connector_length + 5', 'puts "+" between a length and a number, which has no meaning'];
        yield 'an area times a length' => ['95 mm² * bore_depth', 'puts "*" between an area and a length'];
        yield 'an area times an area' => ['95 mm² * 95 mm²', 'puts "*" between an area and an area'];
        yield 'a length times an area' => ['bore_depth * 95 mm²', 'puts "*" between a length and an area'];
        yield 'a length times a voltage' => ['bore_depth * voltage', 'puts "*" between a length and a voltage'];
        yield 'a text times a number' => ['2 * connector_fixing', 'puts "*" between a number and a text'];
        yield 'a text times a number, turned' => ['connector_fixing * 2', 'puts "*" between a text and a number'];
        yield 'a number over a length' => ['2 / bore_depth', 'puts "/" between a number and a length'];
        yield 'a length over an area' => ['bore_depth / 95 mm²', 'puts "/" between a length and an area'];
        yield 'a voltage over a length' => ['voltage / bore_depth', 'puts "/" between a voltage and a length'];
        yield 'a text over itself' => ['connector_fixing / connector_fixing', 'puts "/" between a text and a text'];
        yield 'a text over a number' => ['connector_fixing / 2', 'puts "/" between a text and a number'];
        yield 'texts added' => ['connector_fixing + connector_fixing', 'puts "+" between a text and a text'];
        yield 'texts by size' => ['connector_fixing > connector_fixing ? 1 mm : 2 mm', 'puts ">" between a text and a text'];
        yield 'truths added' => ['true - true', 'puts "-" between'];
        yield 'a length like a number' => ['bore_depth == 56 ? 1 mm : 2 mm', 'puts "==" between a length and a number'];
        yield 'minus a text' => ['-connector_fixing', '"-" before a text'];
        yield 'plus a truth' => ['+true', '"+" before'];
        yield 'not a length' => ['not bore_depth ? 1 mm : 2 mm', '"not" before a length'];
        yield 'a condition that is a length' => ['bore_depth ? 1 mm : 2 mm', 'puts "? :" between'];
        yield 'two sorts to choose from' => ['true ? 1 mm : 2', 'puts "? :" between a length and a number'];
        yield 'two sorts to compare' => ['max(1 mm, 2)', 'between a length and a number'];
        yield 'area() of a text' => ['area("abc") / 2 mm', 'that is not written as 95 mm² or 15 kV'];
        yield 'area() of a length' => ['area(bore_depth) / 2 mm', 'that is not written as 95 mm² or 15 kV'];
        yield 'area() of nothing' => ['area() / 2 mm', 'that is not written as 95 mm² or 15 kV'];
        yield 'area() where a length is needed' => ['area("95")', 'gives an area where a length is needed'];
        yield 'voltage() of two' => ['voltage("1", "2") > 1 kV ? 1 mm : 2 mm', 'that is not written as 95 mm² or 15 kV'];
        yield 'an area' => ['bore_depth * bore_depth', 'gives an area where a length is needed'];
        yield 'a length and an area' => ['5 mm + 95 mm²', 'puts "+" between a length and an area, which has no meaning'];
        yield 'a voltage and a number' => ['voltage > 15 ? 1 mm : 2 mm', 'puts ">" between a voltage and a number'];
        yield 'a text that a name never is' => [
            'connector_fixing == "crmp" ? 1 mm : 2 mm',
            'compares connector_fixing with "crmp", which it never is: use one of crimp, shear-bolt',
        ];
        yield 'the length of a part in the rule of a cut' => ['part_length / 2', 'The name "part_length" is not one that formulas know'];
        yield 'a number where a length is needed' => ['3 * 4', 'gives a number where a length is needed'];
        yield 'a function that is not there' => ['system("ls")', '"system" is not one of max and min'];
        yield 'a property' => ['connector_length.foo', 'uses lists, properties or calls'];
        yield 'a constant of PHP' => ['constant("PHP_VERSION")', 'cannot be read'];
        yield 'an operator that formulas do not have' => ['connector_fixing ~ "x"', 'puts "~" between a text and a text'];
        yield 'a bad length in quotes' => ['length("5 furlong")', 'not a unit of length'];
        yield 'nothing at all' => ['', 'cannot be read'];
    }

    #[Test]
    #[DataProvider('badFormulas')]
    public function aBadFormulaIsRefusedAtTheDoorWithTheReason(string $text, string $reason): void
    {
        $this->expectException(BadFormula::class);
        $this->expectExceptionMessage($reason);
        Formula::parse($text, self::vocabulary());
    }

    #[Test]
    public function aConditionIsYesOrNo(): void
    {
        $formula = Formula::parse('connector_fixing == "crimp" and bore_depth > 50 mm', self::vocabulary(), Dimension::Truth);
        self::assertTrue($formula->holds(self::values()));
        self::assertFalse($formula->holds(self::values()->with('connector_fixing', 'shear-bolt')));
    }

    #[Test]
    public function theWorkingShowsTheNumbersPutIn(): void
    {
        $working = Formula::parse('connector_length / 2 + 5 mm', self::vocabulary())->working(self::values());
        self::assertSame('105 mm / 2 + 5 mm = 57.5 mm', (new Reader(LengthUnit::Millimetre))->say($working));
        self::assertSame(
            '4.134 in / 2 + 5 mm = 2.264 in', (new Reader(LengthUnit::Inch))->say($working), 'the leaflet’s own figure stays as it is',
        );
    }

    #[Test]
    public function whatIsNotKnownYetIsNamed(): void
    {
        $this->expectException(MissingValue::class);
        $this->expectExceptionMessage('there is no value for "oversheath_thickness" yet.');
        Formula::parse('oversheath_thickness', self::vocabulary())->length(self::values());
    }

    #[Test]
    public function dividingByZeroIsAnErrorAndNotInfinity(): void
    {
        $this->expectException(BadFormula::class);
        $this->expectExceptionMessage('divides by zero');
        Formula::parse('bore_depth / (2 - 2)', self::vocabulary())->length(self::values());
    }

    /** @return iterable<string, array{string}> */
    public static function tooLarge(): iterable
    {
        yield 'a length' => ['bore_depth * 99999999 * 99999999'];
        yield 'a number on the way' => ['bore_depth * (99999999 * 99999999) / 99999999'];
        yield 'beyond what a float holds' => ['bore_depth * ('.implode(' * ', array_fill(0, 35, '99999999')).')'];
        yield 'an area' => ['bore_depth * 90000 mm * 99999999 * 99999999 / 10 mm'];
    }

    #[Test]
    #[DataProvider('tooLarge')]
    public function whatIsMoreThanAnyCableHasIsAnErrorAndNotANumber(string $text): void
    {
        $this->expectException(BadFormula::class);
        $this->expectExceptionMessage('comes to more than any cable has');
        Formula::parse($text, self::vocabulary())->length(self::values());
    }

    /** Evaluated twice at each level, 20 levels would take a million steps. */
    #[Test]
    public function functionsInFunctionsAreWorkedOutOnce(): void
    {
        $nested = str_repeat('max(1 mm, ', 23).'bore_depth'.str_repeat(')', 23);
        self::assertSame('56 mm', Formula::parse($nested, self::vocabulary())->length(self::values())->toText());
        $short = str_repeat('max(', 25).'bore_depth'.str_repeat(')', 25);
        $this->expectExceptionMessage('has functions and conditions more than 24 deep');
        Formula::parse($short, self::vocabulary());
    }

    /** The area of a condition is told by its own dimension: 56 × 10 mm is 560 mm², no more and no less. */
    #[Test]
    public function anAreaIsReckonedInSquareMillimetres(): void
    {
        $isMore = static fn (string $area): bool => Formula::parse("bore_depth * 10 mm > $area", self::vocabulary(), Dimension::Truth)
            ->holds(self::values());
        self::assertSame([true, false], [$isMore('559 mm²'), $isMore('560 mm²')]);
    }

    private static function vocabulary(): Vocabulary
    {
        return Vocabulary::withDimensions(['clear']);
    }

    private static function values(): Values
    {
        return Values::of(['voltage' => 12.0, 'conductor_area' => 95.0,
            'connector_length' => Length::ofMillimetres(105), 'bore_depth' => Length::ofMillimetres(56), 'connector_fixing' => 'crimp',
            'clear' => Length::ofMillimetres(108),
        ]);
    }
}
