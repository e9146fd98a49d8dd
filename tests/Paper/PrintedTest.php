<?php

declare(strict_types=1);

namespace App\Tests\Paper;

use App\Paper\Asked;
use App\Paper\Kind;
use App\Paper\Occasion;
use App\Paper\Paper;
use App\Paper\PaperSize;
use App\Paper\Printed;
use App\Tests\Http\PdfText;
use Berm\Core\Build\Event\LeafletRead;
use Berm\Core\Build\StageProgress;
use Berm\Core\Build\TaskKind;
use Berm\Core\Cable\End;
use Berm\Core\Card\Abreast;
use Berm\Core\Card\Card;
use Berm\Core\Card\CardMark;
use Berm\Core\Card\Strip;
use Berm\Core\Card\StripMark;
use Berm\Core\Card\StripPiece;
use Berm\Core\Job\Obstacle;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\SetMark;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Papers as a reader sees them: nothing lies on anything, every number of the plan stands there, and a strip is as long as it says. */
final class PrintedTest extends TestCase
{
    /** All eighteen systems with BERM_BUILDS=all, by ./berm builds. */
    private const FEW = ['marlpike-sets-24', 'harrow-sock-28', 'osterwick-outdoor-3c-12', 'quillon-paper-17'];

    /** @return iterable<string, array{string, LengthUnit}> */
    public static function jobs(): iterable
    {
        $isAll = 'all' === getenv('BERM_BUILDS');
        foreach ($isAll ? Demo::second() : self::FEW as $i => $sheet) {
            foreach (LengthUnit::cases() as $j => $unit) {
                if ($isAll || $i % 2 === $j) {
                    yield "$sheet, {$unit->value}" => [$sheet, $unit];
                }
            }
        }
    }

    #[Test]
    #[DataProvider('jobs')]
    public function nothingLiesOnAnythingElse(string $sheet, LengthUnit $unit): void
    {
        foreach (Kind::cases() as $kind) {
            $pages = Pages::of(self::printed($kind, self::plan($sheet), ['unit' => $unit->value, 'copies' => '2']));
            self::assertSame([], $pages->unreadable(Kind::Labels === $kind ? 8.0 : 14.0), $kind->value);
            self::assertGreaterThan(10, \count($pages->pages[0]['words']), $kind->value);
        }
    }

    /** Number by number, as the plan has them: at, from, to, depth; and the order of cutting. */
    #[Test]
    #[DataProvider('jobs')]
    public function everyMarkStandsOnItsCard(string $sheet, LengthUnit $unit): void
    {
        $plan = self::plan($sheet);
        $reader = new Reader($unit);
        foreach ($plan->job->function->ends() as $end) {
            foreach ($plan->markOut?->datums() ?? [] as $datum) {
                $text = Pages::of(self::printed(Kind::Card, $plan, [
                    'unit' => $unit->value, 'end' => $end->value, 'from' => $datum->value,
                ]))->rows();
                $marks = Card::of($plan, $end, $datum)->marks();
                self::assertNotEmpty($marks);
                foreach ($marks as $mark) {
                    $set = $mark->seen->set($unit);
                    self::assertTrue(str_contains($text, "$set->at $set->from – $set->to"), "$set->at $set->from – $set->to");
                    $depth = null === $mark->mark->depth ? '' : $reader->fine($mark->mark->depth);
                    self::assertStringContainsString($depth, $text);
                }
                self::assertStringContainsString($reader->word('oversheath'), mb_strtolower($text));
            }
        }
    }

    /** Both ends stand on one sheet where they are cut alike and it has room: each with its own marks, in its own columns. */
    #[Test]
    #[DataProvider('jobs')]
    public function bothEndsStandOnOneSheetOnlyWhereItHasRoom(string $sheet, LengthUnit $unit): void
    {
        $plan = self::plan($sheet);
        $pages = Pages::of(self::printed(Kind::Card, $plan, ['unit' => $unit->value]));
        self::assertSame([], $pages->unreadable());
        $front = $pages->rows(0);
        $isBoth = str_contains($front, 'ends A and B');
        $cards = array_map(static fn (End $end): Card => Card::of($plan, $end), $plan->job->function->ends());
        self::assertTrue(!$isBoth || null !== Abreast::of(...$cards), 'they are cut alike');
        $places = static fn (CardMark $mark): string => preg_quote($mark->seen->set($unit)->at.' '.$mark->seen->set($unit)->from
            .' – '.$mark->seen->set($unit)->to, '/');
        foreach ($isBoth ? Abreast::of(...$cards)->rows ?? [] : [] as [$a, $b]) {
            self::assertMatchesRegularExpression("/{$places($a)} .{0,40}{$places($b)}/", $front);
        }
        self::assertSame($isBoth ? 1 : \count($cards), substr_count($pages->text(), 'Mark-out card, end'));
        self::assertStringContainsString('No way back', $pages->text());
    }

    /** Every reading that is asked for has its limits and a place to be written on. */
    #[Test]
    #[DataProvider('jobs')]
    public function everyStepStandsOnTheStageSheet(string $sheet, LengthUnit $unit): void
    {
        $plan = self::plan($sheet);
        $reader = new Reader($unit);
        // In the order in which it is written: a cell whole, then the next.
        $text = self::plain(implode('', PdfText::lines(self::printed(Kind::Stages, $plan, ['unit' => $unit->value]))));
        $count = $from = 0;
        $touches = array_merge(...array_map(static fn (StageProgress $stage): array => $stage->touches(), $plan->progress->stages ?? []));
        foreach (array_merge(...$touches) as $task) {
            // In the order in which it is asked for, and typed in.
            $at = strpos($text, self::plain($reader->say($task->title)), $from);
            self::assertNotFalse($at, $reader->say($task->title));
            $from = $at;
            if (TaskKind::Cut === $task->kind && null !== $task->mark) {
                $set = SetMark::of($task->mark->at, $task->mark->window(), $unit);
                self::assertStringContainsString(self::plain("$set->at $unit->value, from $set->from to $set->to"), $text);
            }
            ++$count;
        }
        self::assertGreaterThan(20, $count);
    }

    /** Measured in the rendered page at 600 dots an inch: a line of the strip is where it says to be, within 0.2 mm. */
    #[Test]
    public function theStripIsTrueToSize(): void
    {
        foreach ([['harrow-sock-28', LengthUnit::Inch, 'letter'], ['marlpike-sets-24', LengthUnit::Millimetre, 'a4']] as [$sheet, $unit,
            $paper]) {
            $plan = self::plan($sheet);
            $pdf = self::printed(Kind::Template, $plan, ['unit' => $unit->value, 'paper' => $paper, 'end' => 'A']);
            $picture = Raster::of($pdf, 1, 600);
            $control = LengthUnit::Inch === $unit ? 101.6 : 100.0;
            // From the outside of one of its ticks to that of the other, each of 0.2 mm.
            self::assertEqualsWithDelta($control + 0.2, $picture->longestLine(12.0, 130.0), 0.2, 'the line that is measured first');
            $wide = ('a4' === $paper ? 297.0 : 279.4) - 24.0;
            $strip = Strip::of($plan, End::A, 1, $unit, Length::ofMillimetres((int) floor($wide - 13)), Length::ofMillimetres(160));
            $piece = $strip->pieces[0];
            $found = $picture->uprightLines(12.0);
            foreach ($piece->marks as $mark) {
                $at = 12.0 + $mark->at->minus($piece->from)->inMillimetres();
                $off = min(99.0, 99.0, ...array_map(static fn (float $x): float => abs($x - $at), $found));
                self::assertLessThan(0.2, $off, "the line at $mark->said");
            }
            self::assertGreaterThan(1, \count($piece->marks));
        }
    }

    /** Whether the look itself sees it: words on each other, words at the edge; and not lines that follow each other. */
    #[Test]
    public function anOverprintIsSeen(): void
    {
        $words = static function (float $x, float $apart): array {
            $paper = Paper::upright(PaperSize::A4, 'proof');
            $paper->AddPage();
            $paper->face(9);
            $paper->Text($x, 40, 'One');
            $paper->Text($x + 1, 40 + $apart, 'Other');

            return Pages::of($paper->printed())->unreadable();
        };
        self::assertSame([], $words(40, 3.6));
        self::assertSame(['page 1: "One" and "Other"'], $words(40, 1.2));
        self::assertContains('page 1: "One" at the edge', $words(2, 40));
    }

    /** What stands in the way stands on every sheet that somebody could cut by; where nothing does, it does not. */
    #[Test]
    public function aPlanWithObstaclesIsMarked(): void
    {
        $job = Demo::corner('harrow-sock-28');
        $begun = Written::plan($job, [Written::safe(), new LeafletRead($job->sheet->leaflet ?? '')]);
        $blank = Plan::ofLog($job, []);
        foreach ([Kind::Card, Kind::Template, Kind::Stages] as $kind) {
            self::assertStringContainsString(
                'Do not cut by this. Nobody has confirmed, from the local permit, that it is safe to start.',
                Pages::of(self::printed($kind, $blank, []))->text(), $kind->value,
            );
            self::assertSame([], array_map(static fn (Obstacle $one): string => $one->code->value, $begun->obstacles));
            self::assertStringNotContainsString('Do not cut by this', Pages::of(self::printed($kind, $begun, []))->text(), $kind->value);
        }
    }

    /** On either sheet, in its own size; nothing names the library that wrote it. */
    #[Test]
    public function theSheetIsAsBigAsItWasAskedForAndNamesNobody(): void
    {
        foreach (['a4' => [841.89, 595.28], 'letter' => [792.0, 612.0]] as $paper => [$wide, $tall]) {
            $pdf = self::printed(Kind::Card, self::plan('harrow-sock-28'), ['paper' => $paper]);
            $page = Pages::of($pdf)->pages[0];
            self::assertEqualsWithDelta([$wide, $tall], [$page['width'], $page['height']], 0.1);
            self::assertStringNotContainsStringIgnoringCase('tcpdf', $pdf);
            self::assertStringNotContainsString(mb_convert_encoding('TCPDF', 'UTF-16BE'), $pdf);
        }
    }

    /** The end of what is left out is where the next piece begins, and every line lies on a piece. */
    #[Test]
    public function aStripLosesNoLineAndSaysWhatItLeavesOut(): void
    {
        $plan = self::plan('marlpike-sets-24');
        $all = Strip::of($plan, End::A, 1, LengthUnit::Millimetre, Length::ofMillimetres(250), null)->pieces;
        $short = Strip::of($plan, End::A, 1, LengthUnit::Millimetre, Length::ofMillimetres(250), Length::ofMillimetres(160))->pieces;
        self::assertGreaterThan(\count($short), \count($all));
        self::assertSame(self::lines($all), self::lines($short));
        self::assertCount(7, self::lines($all), 'the end of the conductor, and six cuts');
        $left = array_values(array_filter($short, static fn (StripPiece $piece): bool => null !== $piece->leftOut));
        self::assertNotEmpty($left);
        foreach ($short as $i => $piece) {
            $before = $short[$i - 1] ?? null;
            self::assertSame(
                null === $before ? '0 mm' : $piece->from->minus($before->to)->toText(),
                ($piece->leftOut ?? Length::ofNanometres(0))->toText(),
            );
            self::assertTrue($piece->length()->isAtMost(Length::ofMillimetres(250)));
        }
    }

    /**
     * @param list<StripPiece> $pieces
     *
     * @return list<string> what is said of each line, once
     */
    private static function lines(array $pieces): array
    {
        $said = [];
        foreach ($pieces as $piece) {
            $said = [...$said, ...array_map(static fn (StripMark $mark): string => $mark->said, $piece->marks)];
        }

        return array_values(array_unique($said));
    }

    /** What is asked for and cannot be had is named, all of it. */
    #[Test]
    public function whatCannotBeAskedForIsNamed(): void
    {
        $this->expectExceptionMessage('end must be one of "A", "B". from must be one of');
        Asked::of(['end' => 'C', 'from' => 'moon', 'copies' => '61', 'hat' => '1'], LengthUnit::Millimetre);
    }

    private static function plan(string $sheet): Plan
    {
        return Plan::ofLog(Demo::corner($sheet), []);
    }

    /** @param array<string, string> $asked */
    private static function printed(Kind $kind, Plan $plan, array $asked): string
    {
        $asked = Asked::of($asked, LengthUnit::Millimetre);
        $of = new Occasion($plan, new Reader($asked->unit), new \DateTimeImmutable('2026-11-29T03:00:00Z'), 'https://berm.example/jobs/1');

        return Printed::of($kind, $of, $asked, '000000000001');
    }

    /** Words in the order of reading, whatever breaks their lines. */
    private static function plain(string $text): string
    {
        return (string) preg_replace('/\s+/u', '', $text);
    }
}
