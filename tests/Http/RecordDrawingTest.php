<?php

declare(strict_types=1);

namespace App\Tests\Http;

use App\Paper\Section\DescribedBody;
use App\Paper\Section\DescribedLane;
use App\Paper\Section\DescribedSection;
use App\Paper\Section\Flags;
use App\Paper\Section\PaperAxis;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The section on paper is drawn from what the page draws, and its names meet nothing. */
final class RecordDrawingTest extends TestCase
{
    /** @return iterable<string, array{string, LengthUnit}> */
    public static function sections(): iterable
    {
        foreach (['job-finished', 'job-half-cut', 'job-staged', 'job-in-inches', 'draft-begun-tried'] as $answer) {
            foreach (LengthUnit::cases() as $unit) {
                yield "$answer, {$unit->value}" => [$answer, $unit];
            }
        }
    }

    #[Test]
    #[DataProvider('sections')]
    public function noNameMeetsAnotherOrALeader(string $answer, LengthUnit $unit): void
    {
        $described = DescribedSection::of(self::section($answer));
        $axis = new PaperAxis(15.0, 180.0 / ($described->to - $described->from), $described->from);
        $widthOf = static fn (string $text): float => 1.3 * mb_strlen($text);
        foreach ($described->lanes() as $lane) {
            $flags = Flags::of($lane, $axis, new Reader($unit), 195.0, $widthOf);
            self::assertNotSame([], $flags->flags);
            foreach ($flags->flags as $i => [, $text, $x, $row]) {
                self::assertLessThanOrEqual(195.0, $x + $widthOf($text));
                self::assertLessThan($flags->rows, $row);
                foreach ($flags->flags as $j => [, $other, $otherX, $otherRow]) {
                    $isOver = $x < $otherX && $otherX < $x + $widthOf($text);
                    self::assertFalse($i !== $j && $isOver && $otherRow >= $row, "$text at row $row meets $other at row $otherRow");
                }
            }
        }
    }

    /** Its leaflet, of the first edition, says no wall: it is drawn all the same, thicker than what it lies on. */
    #[Test]
    public function aTubeWithoutAWallIsSeen(): void
    {
        [$lane] = DescribedSection::of(self::section('job-finished'))->lanes();
        $names = array_map(static fn (DescribedBody $one): string => $one->name, $lane->bodies);
        $radiusAt = static function (string $name, float $mm) use ($lane, $names): float {
            $body = $lane->bodies[(int) array_search($name, $names, true)];
            foreach ($body->steps as [$from, $to, $radius]) {
                if ($from <= $mm && $mm <= $to) {
                    return $radius;
                }
            }

            return 0.0;
        };
        self::assertGreaterThan($radiusAt('insulation', -120.0), $radiusAt('Stress tube', -120.0));
        self::assertGreaterThan($radiusAt('Stress tube', -120.0), $radiusAt('Insulating tube', -120.0));
        self::assertGreaterThan($radiusAt('Insulating tube', -120.0), $radiusAt('Outer sleeve', -120.0));
        self::assertLessThan(
            array_search('Stress tube', $names, true), array_search('Outer sleeve', $names, true), 'what lies beneath is drawn upon it',
        );
    }

    /** Half built, each core as far as it came: each has a lane; nothing cut, one is drawn for all. */
    #[Test]
    public function coresThatLieOtherwiseHaveALaneEach(): void
    {
        $section = self::section('job-staged');
        self::assertSame(['cable', 'core 1', 'core 2', 'core 3'], self::lanesOf($section));
        $alike = [['core' => 2, 'lies' => null], ['core' => 3, 'lies' => null]];
        self::assertSame(['cable', 'cores 1, 2, 3'], self::lanesOf([...$section, 'otherCores' => $alike]));
        self::assertSame([''], self::lanesOf(self::section('job-finished')));
    }

    /** A section, not a row of blocks: beneath the sheath lie the screen, the insulation and the conductor, to where the cable ends. */
    #[Test]
    public function layersGoOnBeneathWhatCoversThem(): void
    {
        [$lane] = DescribedSection::of(self::section('job-finished'))->lanes();
        $cable = array_filter($lane->bodies, static fn (DescribedBody $one): bool => !$one->isItem && 'connector' !== $one->pattern);
        self::assertCount(10, $cable);
        $edges = array_map(static fn (DescribedBody $one): array => [$one->from(), $one->to()], $cable);
        [$from, $to] = [array_column($edges, 0), array_column($edges, 1)];
        sort($from);
        rsort($to);
        self::assertSame(array_fill(0, 5, $from[0]), \array_slice($from, 0, 5), 'those of end A all reach as far');
        self::assertGreaterThan($from[0], $from[5]);
        self::assertSame(array_fill(0, 5, $to[0]), \array_slice($to, 0, 5), 'and those of end B');
        self::assertLessThan($to[0], $to[5]);
    }

    #[Test]
    public function marksStandFromLeftToRight(): void
    {
        $places = array_map(static fn ($cut): float => $cut->at, DescribedSection::of(self::section('job-half-cut'))->cuts);
        $sorted = $places;
        sort($sorted);
        self::assertSame($sorted, $places);
        self::assertCount(8, $places);
    }

    /**
     * @param array<string, mixed> $section
     *
     * @return list<string>
     */
    private static function lanesOf(array $section): array
    {
        return array_map(static fn (DescribedLane $lane): string => $lane->name, DescribedSection::of($section)->lanes());
    }

    /** @return array<string, mixed> as the server answers it */
    private static function section(string $answer): array
    {
        $json = json_decode((string) file_get_contents(__DIR__."/../../cases/answers/$answer.json"), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($json);
        $job = \is_array($json['job'] ?? null) ? $json['job'] : $json;
        /** @var array<string, mixed> $section */
        $section = $job['section'] ?? self::fail("$answer is planned");

        return $section;
    }
}
