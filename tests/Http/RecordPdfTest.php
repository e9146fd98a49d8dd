<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;

/** What is handed over says the same as the page: completeness, obstacles, every cut with its window, every entry. */
final class RecordPdfTest extends ApiTestCase
{
    private const WEIR_LANE = '019aa100-0000-7000-8000-000000000006';
    private const HOLLIN_CROSS = '019aa100-0000-7000-8000-000000000007';

    /** @return iterable<string, array{string, list<list<string>>}> job and unit, and lines that follow each other */
    public static function records(): iterable
    {
        yield 'half cut, in mm' => [self::HALF_CUT, [
            ['Sallow Fen 3 · joint 2', 'Record of a joint. Not complete: 28 of 37 tasks are open.'],
            ['Box', 'none opened in Berm, and nobody has said until when the kit keeps'],
            ['A3', 'Insulation screen', '164 mm', '162 to 166', '165.8 mm', 'steel rule', 'inside, not'],
            ['A4', 'Insulation', '56 mm', '55 to 58', '–', '', 'to do'],
            ['B1', 'Oversheath', '248 mm', '245 to 251', '–'],
        ]];
        yield 'finished, in inches and American words' => [self::FINISHED.'?unit=in', [
            ['Sallow Fen 3 · joint 1', 'Record of a splice. Complete.'],
            ['A1', 'Jacket', '9 3/4 in', '9 11/16 to 9 7/8', '248 mm', 'steel rule', 'inside'],
            ['B3', 'Insulation shield', '6 15/32 in', '6 13/32 to 6 17/32', '164.5 mm'],
        ]];
        yield 'what stands in the way' => [self::WEIR_LANE, [
            ['Weir Lane pit 3 · splice', 'Record of a splice. Not complete: it is not planned yet.'],
            ['No kit is chosen.', 'No connector is chosen.'],
        ]];
        yield 'three cores' => [self::HOLLIN_CROSS, [
            ['Hollin Cross 2 · joint', 'Record of a joint. Not complete: 49 of 99 tasks are open.'],
            ['A4.2', 'Metallic screen', '223 mm', '221 to 225', '223 mm'],
            ['A5.3', 'Insulation screen', '178 mm', '177 to 179'],
        ]];
    }

    /** @param list<list<string>> $runs */
    #[Test]
    #[DataProvider('records')]
    public function theRecordSaysWhatThePageSays(string $job, array $runs): void
    {
        $this->signIn('jointer');
        [$id, $query] = [...explode('?', $job), ''];
        $pdf = $this->call('GET', "/api/jobs/$id/record.pdf?$query");
        self::assertSame(200, $pdf->getStatusCode());
        $text = "\n".implode("\n", PdfText::lines((string) $pdf->getContent()))."\n";
        foreach ($runs as $run) {
            self::assertStringContainsString("\n".implode("\n", $run)."\n", $text);
        }
        $says = 'The chain of entries is unbroken. Last hash '.substr(self::text($this->call('GET', "/api/jobs/$id"), 'stamp'), 2);
        self::assertStringContainsString(substr($says, 0, 90), $text);
    }

    #[Test]
    public function aLetterThatThePaperHasNoFormForStandsAsABoxAndThePaperSaysSo(): void
    {
        $this->signIn('jointer');
        $id = '019aa1ff-0000-7000-8000-00000000f001';
        $this->call(
            'POST', '/api/jobs', ['id' => $id, 'name' => "Bjørkå \u{63A5}\u{7D9A}\u{1F642} Ω", 'function' => 'joint', 'unit' => 'mm'],
        );
        $warnings = [];
        set_error_handler(static function (int $level, string $warning) use (&$warnings): bool {
            $warnings[] = $warning;

            return true;
        });
        $pdf = $this->call('GET', "/api/jobs/$id/record.pdf");
        restore_error_handler();
        self::assertSame([200, []], [$pdf->getStatusCode(), $warnings]);
        $text = implode("\n", PdfText::lines((string) $pdf->getContent()));
        self::assertStringContainsString("Bjørkå \u{25AF}\u{25AF}\u{25AF} Ω", $text);
        self::assertStringContainsString('A letter that this paper has no form for stands as', $text);
        $plain = implode("\n", PdfText::lines((string) $this->call('GET', '/api/jobs/'.self::FINISHED.'/record.pdf')->getContent()));
        self::assertStringNotContainsString('has no form for', $plain);
    }

    #[Test]
    public function whatIsOutSaysSoOnTheRecord(): void
    {
        $this->signIn('jointer');
        $reading = ['typed' => '60', 'unit' => 'mm', 'instrument' => 'steel-rule'];
        $this->after(self::HALF_CUT, ['kind' => 'cut-measured', 'end' => 'A', 'cut' => 'insulation', 'reading' => $reading]);
        $lines = PdfText::lines((string) $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/record.pdf')->getContent());
        $at = (int) array_search('A4', $lines, true);
        self::assertSame(['A4', 'Insulation', '56 mm', '55 to 58', '60 mm', 'steel rule', 'out by 2 mm'], \array_slice($lines, $at, 7));
        self::assertContains('Record of a joint. Not complete: 28 of 37 tasks are open, and 1 thing stands in the way.', $lines);
    }
}
