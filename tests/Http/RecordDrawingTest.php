<?php

declare(strict_types=1);

namespace App\Tests\Http;

use App\Http\Record\DescribedBody;
use App\Http\Record\DescribedSection;
use App\Http\Record\Flags;
use App\Http\Record\PaperAxis;
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

    #[Test]
    public function marksStandFromLeftToRight(): void
    {
        $places = array_map(static fn ($cut): float => $cut->at, DescribedSection::of(self::section('job-half-cut'))->cuts);
        $sorted = $places;
        sort($sorted);
        self::assertSame($sorted, $places);
        self::assertCount(8, $places);
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
