<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Kit;

use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Words\SheetInWords;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Golden;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Every rule of every sheet of the demo, as whoever releases it reads it. */
final class SheetsReadTest extends TestCase
{
    #[Test]
    #[DataProvider('sheets')]
    public function asItIsRead(KitSheet $sheet, LengthUnit $unit): void
    {
        $reader = new Reader($unit);
        $text = $heading = '';
        foreach (SheetInWords::of($sheet) as $rule) {
            if ($rule->heading !== $heading) {
                $heading = $rule->heading;
                $text .= $reader->say(Sentence::plain($heading))."\n";
            }
            $text .= '  '.$reader->say($rule->sentence).('' === $rule->reason ? '' : " Why: $rule->reason")."\n";
        }
        Golden::assertSame("words/{$sheet->revision->id}.txt", $text);
    }

    /** @return iterable<string, array{KitSheet, LengthUnit}> in the unit of its makers' part of the world */
    public static function sheets(): iterable
    {
        foreach (Demo::kits() as $sheet) {
            $isInInches = 1 === preg_match(
                '/\d in"/', (string) file_get_contents(__DIR__."/../../../demo/kits/{$sheet->revision->id}.json"),
            );
            yield $sheet->revision->id => [$sheet, $isInInches ? LengthUnit::Inch : LengthUnit::Millimetre];
        }
    }
}
