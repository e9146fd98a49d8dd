<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Saying;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Temperature;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class ReaderTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, Length|Temperature|string>, LengthUnit, string}> */
    public static function sentences(): iterable
    {
        /** @var list<array{name: string, template: string, values: array<string, array{mm?: float, celsius?: float, text?: string}>, unit: string, says: string}> $cases */
        $cases = json_decode((string) file_get_contents(__DIR__.'/../../../cases/sentences.json'), true, 8, \JSON_THROW_ON_ERROR);
        foreach ($cases as $case) {
            $values = array_map(self::value(...), $case['values']);
            yield $case['name'] => [$case['template'], $values, LengthUnit::from($case['unit']), $case['says']];
        }
    }

    /** @param array{mm?: float, celsius?: float, text?: string} $value */
    private static function value(array $value): Length|Temperature|string
    {
        return match (true) {
            isset($value['mm']) => Length::nearestToMillimetres($value['mm']),
            isset($value['celsius']) => Temperature::ofCelsius($value['celsius']),
            default => $value['text'] ?? '',
        };
    }

    /** @param array<string, Length|Temperature|string> $values */
    #[Test]
    #[DataProvider('sentences')]
    public function aSentenceIsSaidInTheReadersUnitsAndWords(string $template, array $values, LengthUnit $unit, string $says): void
    {
        self::assertSame($says, (new Reader($unit))->say(Sentence::of($template, $values)));
    }
}
