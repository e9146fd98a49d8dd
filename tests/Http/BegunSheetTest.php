<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;

/**
 * A sheet that is begun from the skeleton of its kind: asked for what it does not say, drawn with stand-ins, and never released with
 * them.
 */
final class BegunSheetTest extends ApiTestCase
{
    private const DRAFT = '/api/kit-drafts/osterwick-plain-12';

    #[Test]
    public function theKindsAreThoseOfTheTradeAndOnlyForWhoWritesSheets(): void
    {
        $this->signIn('engineer');
        $kinds = self::listAt($this->call('GET', '/api/kit-skeletons'), 'skeletons');
        self::assertCount(18, $kinds);
        self::assertSame(
            ['id' => 'kind-14', 'title' => 'Slip-on termination with lined ends, one core, tape screen', 'function' => 'termination',
                'technology' => 'cold-shrink', 'cores' => 1],
            $kinds[13],
        );
        self::assertSame(404, $this->call('GET', '/api/kit-skeletons/kind-99')->getStatusCode());
        self::assertSame(404, $this->call('GET', '/api/kit-skeletons/..')->getStatusCode());
        $this->signIn('jointer');
        self::assertSame(403, $this->call('GET', '/api/kit-skeletons')->getStatusCode());
    }

    #[Test]
    public function aSheetHalfWrittenIsReadOnAnotherMachineAsItWasLeft(): void
    {
        $this->signIn('engineer');
        $before = $this->call('GET', self::DRAFT);
        $asked = \count(self::listAt($before, 'questions'));
        self::assertSame([null, []], [self::at($before, 'sheet'), self::at($before, 'problems')], 'what is blank is not wrong');
        $text = str_replace('"cut_oversheath - …"', '"cut_oversheath - 24 mm"', self::text($before, 'text'), $changed);
        self::assertGreaterThan(0, $changed);
        $kept = $this->save($text, 1);
        self::assertSame(200, $kept->getStatusCode());
        // Another person, another session.
        $this->signIn('checker');
        $elsewhere = $this->call('GET', self::DRAFT);
        self::assertSame([$text, 2], [self::at($elsewhere, 'text'), self::at($elsewhere, 'version')]);
        self::assertCount($asked - $changed, self::listAt($elsewhere, 'questions'));
        self::assertSame(self::listAt($kept, 'questions'), self::listAt($elsewhere, 'questions'));
    }

    #[Test]
    public function twoWhoWriteInOneSheetBothKeepWhatTheyTyped(): void
    {
        $this->signIn('engineer');
        $text = self::text($this->call('GET', self::DRAFT), 'text');
        $this->save(str_replace('"months": ""', '"months": 24', $text), 1);
        $this->signIn('checker');
        $late = $this->save(str_replace('"months": ""', '"months": 36', $text), 1);
        self::assertSame(409, $late->getStatusCode());
        self::assertStringContainsString('"months": 24', self::text($late, 'theirDraft.text'), 'theirs comes with the answer');
        self::assertSame('Tamsin Oake', self::at($late, 'theirDraft.author'));
        self::assertNotContains('shelf.months', array_column(self::listAt($late, 'theirDraft.questions'), 'path'));
        $mine = $this->save(str_replace('"months": ""', '"months": 36', $text), 2);
        self::assertSame([200, 3], [$mine->getStatusCode(), self::at($mine, 'version')], 'knowingly, over theirs');
    }

    #[Test]
    public function whatItDoesNotSayIsDrawnWithOtherFiguresAndKeptByNobody(): void
    {
        $this->signIn('engineer');
        $tried = $this->call('GET', self::DRAFT.'/tried-on/'.self::LINED.'?size=1');
        self::assertTrue(self::at($tried, 'standsIn'));
        self::assertNotNull(self::at($tried, 'job.section'));
        self::assertEqualsWithDelta(205, self::at($tried, 'values.reach.A.mm'), 1e-9, 'its own figure');
        self::assertStringContainsString('"cut_oversheath - …"', self::text($this->call('GET', self::DRAFT), 'text'));
        self::assertSame(422, $this->call('GET', self::DRAFT.'/proof')->getStatusCode(), 'nothing is proved with them');
        $this->signIn('checker');
        $release = $this->call('POST', self::DRAFT.'/release', null, ['If-Match' => '"1"']);
        self::assertSame(422, $release->getStatusCode(), 'nor released');
    }

    #[Test]
    public function whatIsWrongStopsTheDrawingAndIsNamed(): void
    {
        $this->signIn('engineer');
        $text = self::text($this->call('GET', self::DRAFT), 'text');
        $wrong = $this->save(str_replace('"205 mm"', '"205 parsec"', $text), 1);
        self::assertSame(['sizes[0].dimensions.reach'], array_column(self::listAt($wrong, 'problems'), 'path'));
        $tried = $this->call('GET', self::DRAFT.'/tried-on/'.self::LINED.'?size=1');
        self::assertSame([422, 'sizes[0].dimensions.reach'], [$tried->getStatusCode(), self::at($tried, 'problems.0.path')]);
    }

    /** The leaflet says two numbers: both are kept, and the proof says where the other one bites. */
    #[Test]
    public function theOtherNumberOfALeafletIsProvedToo(): void
    {
        $draft = '/api/kit-drafts/osterwick-lined-15';
        $file = json_decode((string) file_get_contents(__DIR__.'/../../demo/kits/osterwick-lined-15.json'), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($file);
        self::assertIsArray($file['sizes']);
        self::assertIsArray($file['sizes'][0]);
        $file['revision'] = 2;
        $file['sizes'][0]['contradicted'] = [['dimension' => 'screen_left', 'other' => '70 mm', 'reason' => 'The drawing on page 2']];
        $this->signIn('engineer');
        $this->call('PUT', $draft, json_encode($file, \JSON_THROW_ON_ERROR), ['If-Match' => '"0"', 'Content-Type' => 'text/plain']);
        $proof = $this->call('GET', "$draft/proof");
        self::assertSame([true, 26, 70, 'The drawing on page 2'], [
            self::at($proof, 'proved'), self::at($proof, 'doubts.0.takenMm'), self::at($proof, 'doubts.0.otherMm'),
            self::at($proof, 'doubts.0.reason'),
        ]);
        self::assertContains(
            ['list' => 'placeRules', 'key' => 'creepage'], array_column(self::listAt($proof, 'doubts.0.shortfalls'), 'part'),
        );
        $this->signIn('checker');
        self::assertSame(201, $this->call('POST', "$draft/release", null, ['If-Match' => '"1"'])->getStatusCode());
        $released = $this->call('GET', '/api/kits/osterwick-lined-15/2');
        self::assertSame('70 mm', self::at($released, 'sizes.0.contradicted.0.other'), 'both are kept for good');
    }

    #[Test]
    public function aReleasedSheetDoesNotSayWhatItWasBegunFrom(): void
    {
        $file = json_decode((string) file_get_contents(__DIR__.'/../../demo/kits/osterwick-lined-15.json'), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($file);
        self::assertIsArray($file['sizes']);
        $file = [...$file, 'id' => 'our-lined-15', 'begun' => ['from' => 'kind-14', 'without' => []], 'sizes' => array_map(
            static fn (mixed $size): array => array_diff_key(\is_array($size) ? $size : [], ['gtin' => 0]), $file['sizes'],
        )];
        $draft = '/api/kit-drafts/our-lined-15';
        $this->signIn('engineer');
        $kept = $this->call('PUT', $draft, json_encode($file, \JSON_THROW_ON_ERROR), ['If-Match' => '"0"', 'Content-Type' => 'text/plain']);
        self::assertSame([[], []], [self::at($kept, 'problems'), self::at($kept, 'questions')]);
        $this->signIn('checker');
        self::assertSame(201, $this->call('POST', "$draft/release", null, ['If-Match' => '"1"'])->getStatusCode());
        self::assertNull(self::at($this->call('GET', '/api/kits/our-lined-15/1'), 'begun'));
    }

    private function save(string $text, int $version): Response
    {
        return $this->call('PUT', self::DRAFT, $text, ['If-Match' => "\"$version\"", 'Content-Type' => 'text/plain']);
    }
}
