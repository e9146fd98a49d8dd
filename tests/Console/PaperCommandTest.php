<?php

declare(strict_types=1);

namespace App\Tests\Console;

use App\Tests\Paper\Pages;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** ./berm card|template|stages|labels JOB.json -o FILE.pdf, and ./berm tool NAME key=value…, with neither server nor database. */
final class PaperCommandTest extends TestCase
{
    #[Test]
    public function aPaperIsMadeOfAJobFile(): void
    {
        $out = (string) tempnam(sys_get_temp_dir(), 'berm-card');
        self::assertSame([0, ''], self::said("bin/paper card demo/sallow-fen.job.json -o $out end=B unit=in from=joint-centre"));
        $text = Pages::of((string) file_get_contents($out))->text();
        unlink($out);
        self::assertStringContainsString('Mark-out card, end B. Marks are measured from the centre of the splice.', $text);
        self::assertStringContainsString('page 1 of 2', $text);
    }

    #[Test]
    public function whatIsWrongIsSaidAndNothingIsWritten(): void
    {
        [$code, $said] = self::said('bin/paper card demo/sallow-fen.job.json -o /nowhere/x.pdf end=C');
        self::assertSame(1, $code);
        self::assertStringContainsString('end must be one of "A", "B".', $said);
        self::assertSame([1, "hat.json cannot be read: give the path of a job file.\n"], self::said('bin/paper card hat.json -o x.pdf'));
        self::assertSame(2, self::said('bin/paper hat demo/sallow-fen.job.json -o x.pdf')[0]);
        self::assertStringContainsString('cannot be written', self::said('bin/paper card demo/sallow-fen.job.json -o /nowhere/x.pdf')[1]);
    }

    #[Test]
    public function aToolIsUsedByItself(): void
    {
        [$code, $said] = self::said('core/bin/tool dew air=18 humidity=75 surface=16');
        self::assertSame(0, $code);
        self::assertStringContainsString("Dew point: 13.5 °C\n", $said);
        $json = self::said('core/bin/tool torque torque=33lbf·ft unit=in as=json')[1];
        self::assertJson($json);
        self::assertStringContainsString('"value": "44.7 N·m (33 lbf·ft)"', $json);
        self::assertSame([1, "air must be from -30 °C to 60 °C.\n"], self::said('core/bin/tool dew air=90'));
        self::assertStringContainsString('usage: ./berm tool', self::said('core/bin/tool hat')[1]);
    }

    /** @return array{int, string} exit code, and all that it said */
    private static function said(string $command): array
    {
        exec('cd '.escapeshellarg(\dirname(__DIR__, 2))." && php $command 2>&1", $lines, $code);

        return [$code, [] === $lines ? '' : implode("\n", $lines)."\n"];
    }
}
