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
