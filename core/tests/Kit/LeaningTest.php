<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Kit;

use Berm\Core\Check\LengthWithin;
use Berm\Core\Check\Question;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\File\Problem;
use Berm\Core\Kit\Stage;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What lies from what: nothing from itself, and nothing is found by what goes on after it. */
final class LeaningTest extends TestCase
{
    #[Test]
    public function itemsInACircleAreRefusedWithTheWayRound(): void
    {
        self::assertStringContainsString(
            'works out where "seal" lies from itself: "seal" from "jacket" from "seal". Place one of them from the connector, from a cut',
            self::problems(
                [
                    'seal' => ['from' => 'jacket_far - 40 mm', 'to' => 'jacket_far'],
                    'jacket' => ['centredOn' => null, 'to' => 'seal_far + 5 mm'],
                ],
            ),
        );
    }

    #[Test]
    public function soIsOneByWayOfACut(): void
    {
        self::assertStringContainsString(
            '"step" from "cut_insulation_screen"', self::problems([
                'step' => ['centredOn' => 'insulation-screen', 'from' => null, 'to' => null],
            ], static function (array $sheet): array {
                \assert(\is_array($sheet['cuts']) && \is_array($sheet['cuts'][2]) && \is_array($sheet['cuts'][2]['cases']));
                \assert(\is_array($sheet['cuts'][2]['cases'][0]));
                $sheet['cuts'][2]['cases'][0]['distance'] = 'step_near + 2 mm';

                return $sheet;
            }),
        );
    }

    #[Test]
    public function anItemIsFoundByWhatGoesOnBeforeItOnly(): void
    {
        $sheet = Demo::kit('harrow-deadbreak-25');
        $questions = array_map(static fn (Stage $stage): ?Question => $stage->check('tie')?->question, $sheet->stages);
        $found = array_values(array_filter($questions, static fn (?Question $one): bool => $one instanceof LengthWithin));
        $measure = $found[0]->measure ?? self::fail('the tie is not measured');
        self::assertSame(['seal_far', 'tie_near'], [$measure->from->name(), $measure->to->name()]);
        self::assertTrue($sheet->isBefore($measure->from, $sheet->items['tie']), 'the tie is laid from the seal');
        self::assertFalse($sheet->isBefore($measure->to, $sheet->items['seal']), 'not the seal from the tie');
        self::assertFalse($sheet->isBefore($measure->from, $sheet->items['seal']), 'nor from itself');
        self::assertTrue($sheet->isBefore($sheet->items['edge']->placing->formulas()[0], $sheet->items['seal']), 'cuts go before all');
    }

    /**
     * @param array<string, array<string, mixed>>                         $items  what differs in them
     * @param (\Closure(array<string, mixed>): array<string, mixed>)|null $change
     */
    private static function problems(array $items, ?\Closure $change = null): string
    {
        /** @var array{items: list<array<string, mixed>&array{key: string}>} $sheet */
        $sheet = json_decode(Demo::text('kits/quillon-core-17'), true, 64, \JSON_THROW_ON_ERROR);
        foreach ($sheet['items'] as $i => $item) {
            $sheet['items'][$i] = array_filter(
                [...$item, ...$items[$item['key']] ?? []], static fn (mixed $value): bool => null !== $value,
            );
        }
        try {
            Fields::readText(json_encode(null === $change ? $sheet : $change($sheet), \JSON_THROW_ON_ERROR), KitSheetFile::read(...));
        } catch (BadDocument $bad) {
            return implode(' ', array_map(static fn (Problem $one): string => $one->message, $bad->problems));
        }

        return '';
    }
}
