<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Writing;

use Berm\Core\Tests\Demo;
use Berm\Core\Writing\Blank;
use Berm\Core\Writing\Loose;
use Berm\Core\Writing\Question;
use Berm\Core\Writing\Skeleton;
use Berm\Core\Writing\StandIns;
use Berm\Core\Writing\WrittenSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A sheet that is begun: nothing of another maker's stands in it, and nothing of what is blank is called wrong. */
final class SkeletonTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach ((array) glob(__DIR__.'/../../../demo/coverage/*.json') as $path) {
            $id = basename((string) $path, '.json');
            yield $id => [$id];
        }
    }

    #[Test]
    #[DataProvider('kinds')]
    public function ofEveryKindIsAllQuestionsAndNoFaults(string $kit): void
    {
        $skeleton = ['id' => 'nineteenth'] + Skeleton::ofSheet(Demo::kitJson($kit), $kit);
        $skeleton['id'] = 'nineteenth';
        $written = WrittenSheet::of(json_encode($skeleton, \JSON_THROW_ON_ERROR), 'nineteenth', static fn (): array => $skeleton);
        self::assertNull($written->sheet);
        self::assertSame([], $written->faults);
        self::assertGreaterThan(50, \count($written->questions));
        foreach ($written->questions as $question) {
            self::assertNull($question->offer, 'nothing of it is missing');
            self::assertStringEndsNotWith(' ?', $question->ask->template, $question->path);
        }
    }

    /** What a leaflet says of lengths, ranges and waits may not be another maker's; in which branches it says so, is of the kind. */
    #[Test]
    #[DataProvider('kinds')]
    public function hasNoLengthOfAnotherMaker(string $kit): void
    {
        $skeleton = Skeleton::ofSheet(Demo::kitJson($kit), $kit);
        $left = [];
        array_walk_recursive($skeleton, static function (mixed $value, int|string $key) use (&$left): void {
            $isWords = \in_array($key, ['reason', 'ask', 'mend', 'say', 'name', 'title', 'when', 'work', 'tool', 'depth', 'grades'], true);
            $isHand = \in_array($key, ['hand', 'below', 'above'], true);
            if (\is_string($value) && !$isWords && !$isHand && !\is_int($key)
                && 1 === preg_match('/(?<![\w.])([1-9]\d*(?:[.,]\d+)?)\s*(?:mm|in|mm²|N·m|min|°C)(?!\w)/u', $value)) {
                $left[] = "$key: $value";
            }
        });
        self::assertSame([], $left);
        self::assertSame('', $skeleton['name']);
        self::assertSame('', $skeleton['maker']);
    }

    #[Test]
    #[DataProvider('kinds')]
    public function filledWithTheFiguresItWasMadeOfIsThatSheet(string $kit): void
    {
        $sheet = Demo::kitJson($kit);
        $filled = StandIns::in(['id' => $kit] + Skeleton::ofSheet($sheet, $kit), $sheet);
        unset($filled['begun']);
        $filled['id'] = $kit;
        $expected = self::withoutWhatFewSay($sheet);
        $expected['sizes'] = \array_slice(Loose::entries($expected, 'sizes'), 0, 1);
        ksort($expected);
        ksort($filled);
        self::assertEquals($expected, [...$filled, 'revision' => $expected['revision']]);
    }

    #[Test]
    public function ofAFormulaOnlyItsLengthsAreBlank(): void
    {
        self::assertSame('cut_oversheath + …', Blank::inFormula('cut_oversheath + 75 mm'));
        self::assertSame('bore_depth + …', Blank::inFormula('bore_depth + 1 1/4 in'));
        self::assertSame('', Blank::inFormula('20 mm'));
        self::assertSame('', Blank::inFormula('-3 mm'));
        self::assertSame('0 mm', Blank::inFormula('0 mm'), 'nothing is nothing in every leaflet');
        self::assertSame('insulation_wall * 0.9 - 0.1 mm', Blank::inFormula('insulation_wall * 0.9 - 0.1 mm'), 'a standard');
        self::assertSame('voltage > 15 kV ? … : …', Blank::inFormula('voltage > 15 kV ? 100 mm : 80 mm'));
    }

    #[Test]
    public function aBlankIsAskedAndAWrongFigureIsAFault(): void
    {
        $skeleton = [...Skeleton::ofSheet(Demo::kitJson('osterwick-lined-15'), 'x'), 'id' => 'a', 'ratedVoltage' => '15 volts'];
        $written = WrittenSheet::of(json_encode($skeleton, \JSON_THROW_ON_ERROR), 'a', static fn (): null => null);
        self::assertSame(['ratedVoltage'], array_map(static fn ($fault): string => $fault->path, $written->faults));
        $paths = array_map(static fn (Question $one): string => $one->path, $written->questions);
        self::assertNotContains('ratedVoltage', $paths);
        self::assertContains('name', $paths);
        self::assertContains('items[0].to', $paths);
        self::assertContains('sizes[0].stock.body.wall', $paths);
    }

    #[Test]
    public function whatTheKindHasAndThisSheetHasNotIsAskedUntilItIsSaidToBeLeftOut(): void
    {
        $kind = Skeleton::ofSheet(Demo::kitJson('osterwick-lined-15'), 'x');
        $sheet = [...$kind, 'id' => 'a'];
        $sheet['items'] = array_values(array_filter(
            Loose::entries($sheet, 'items'), static fn (array $item): bool => 'marker' !== $item['key'],
        ));
        [$asked] = self::missing($sheet, $kind);
        self::assertSame(['items', 'items.marker', 6], [$asked->path, $asked->offer?->name, $asked->offer?->at]);
        self::assertSame('marker', $asked->offer->entry['key'] ?? '');
        $sheet['begun'] = ['from' => 'x', 'without' => ['items.marker']];
        self::assertSame([], self::missing($sheet, $kind));
    }

    #[Test]
    public function aCheckThatWasTakenOutIsAskedForInItsStage(): void
    {
        $kind = Skeleton::ofSheet(Demo::kitJson('osterwick-lined-15'), 'x');
        $sheet = [...$kind, 'id' => 'a'];
        $stages = Loose::entries($sheet, 'stages');
        $steps = Loose::entries($stages[1], 'steps');
        array_splice($steps, 5, 1);
        $stages[1] = [...$stages[1], 'steps' => $steps];
        [$asked] = self::missing([...$sheet, 'stages' => $stages], $kind);
        self::assertSame(['stages[1].steps', 'stages.strip.groove', 5], [$asked->path, $asked->offer?->name, $asked->offer?->at]);
    }

    #[Test]
    public function aMistakeThatNothingShowsIsAskedOfASoundSheet(): void
    {
        $text = str_replace('"carbon"', '"filings"', json_encode(Demo::kitJson('osterwick-lined-15'), \JSON_THROW_ON_ERROR));
        $written = WrittenSheet::of($text, 'osterwick-lined-15', static fn (): null => null);
        self::assertNotNull($written->sheet);
        self::assertSame(['Carbon left on the insulation'], array_map(
            static fn (Question $one): string => $one->about->template, $written->questions,
        ));
    }

    /**
     * @param array<mixed> $sheet
     * @param array<mixed> $kind
     *
     * @return list<Question>
     */
    private static function missing(array $sheet, array $kind): array
    {
        $written = WrittenSheet::of(json_encode($sheet, \JSON_THROW_ON_ERROR), 'a', static fn (): array => $kind);

        return array_values(array_filter($written->questions, static fn (Question $one): bool => null !== $one->offer));
    }

    /**
     * @param array<mixed> $values
     *
     * @return array<mixed>
     */
    private static function withoutWhatFewSay(array $values): array
    {
        $kept = array_diff_key($values, ['gtin' => 0, 'materials' => 0, 'shapes' => 0]);

        return array_map(static fn (mixed $value): mixed => \is_array($value) ? self::withoutWhatFewSay($value) : $value, $kept);
    }
}
