<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;

/** Kit sheets over HTTP: read as sentences, written as drafts, released by a second person. */
final class KitTest extends ApiTestCase
{
    private const SHEET = 'thole-splice-15';
    private const DRAFT = '/api/kit-drafts/thole-splice-15';

    #[Test]
    public function everybodyReadsASheetAsSentences(): void
    {
        $this->signIn('trainer');
        $kits = $this->call('GET', '/api/kits');
        self::assertSame(2, array_column(self::listAt($kits, 'kits'), 'revision', 'id')[self::SHEET] ?? 0);
        self::assertSame('Tamsin Oake', self::at($kits, 'drafts.0.author'));
        $words = $this->call('GET', '/api/kits/'.self::SHEET.'/2/words');
        self::assertContains('cut/insulation/1', array_column(self::listAt($words, 'rules'), 'key'));
        self::assertSame(404, $this->call('GET', '/api/kits/'.self::SHEET.'/9/words')->getStatusCode());
        self::assertSame(403, $this->save('{}', 0)->getStatusCode(), 'a trainer writes no sheets');
    }

    #[Test]
    public function aDraftIsKeptWithItsFaultsAndToldWhatItChanges(): void
    {
        $this->signIn('engineer');
        $broken = $this->save('{"id": "thole-splice-15", "revision": 3', 0);
        self::assertSame([200, ''], [$broken->getStatusCode(), self::at($broken, 'problems.0.path')]);
        self::assertStringStartsWith('is not JSON', self::text($broken, 'problems.0.message'));
        $sheet = $this->sheet(3);
        $faulty = $this->save($this->json([...$sheet, 'technology' => 'glue', 'cuts' => []]), 1);
        self::assertContains('technology', array_column(self::listAt($faulty, 'problems'), 'path'));
        $good = $this->save($this->json([...$sheet, 'name' => 'Tape-shield splice, 15 kV, long']), 2);
        self::assertSame(
            [[], ['for/what'], 2],
            [self::at($good, 'problems'), array_column(self::listAt($good, 'changes'), 'key'), self::at($good, 'releasedRevision')],
        );
        $lost = $this->save('{}', 1);
        self::assertSame(
            [409, '/problems/draft-conflict', 3], [$lost->getStatusCode(), self::at($lost, 'type'), self::at($lost, 'theirDraft.version')],
        );
        self::assertSame(428, $this->call('PUT', self::DRAFT, '{}', ['Content-Type' => 'text/plain'])->getStatusCode());
    }

    #[Test]
    public function onlyASecondPersonReleasesASoundDraftAndItIsTheNextRevision(): void
    {
        $this->signIn('engineer');
        $this->save($this->json([...$this->sheet(7), 'name' => 'Seventh']), 0);
        $own = $this->release(1);
        self::assertSame(
            [409, 'You wrote in this draft, {author}: a second person checks and releases it.'],
            [$own->getStatusCode(), self::at($own, 'reason.template')],
        );
        $this->signIn('checker');
        $wrong = $this->release(1);
        self::assertSame(
            [422, 'revision', 'is 7: the next revision of this sheet is 3.'],
            [$wrong->getStatusCode(), self::at($wrong, 'problems.0.path'), self::at($wrong, 'problems.0.message')],
        );
        $this->signIn('engineer');
        $this->save($this->json([...$this->sheet(3), 'name' => 'Third']), 1);
        $this->signIn('checker');
        self::assertSame(409, $this->release(1)->getStatusCode(), 'it changed since it was looked at');
        $released = $this->release(2);
        self::assertSame(
            [201, 3, 'Third'], [$released->getStatusCode(), self::at($released, 'sheet.revision'), self::at($released, 'sheet.name')],
        );
        self::assertSame(404, $this->call('GET', self::DRAFT)->getStatusCode(), 'the draft is done');
        self::assertSame(
            ['for/what'], array_column(self::listAt($this->call('GET', '/api/kits/'.self::SHEET.'/changes/2/3'), 'changes'), 'key'),
        );
        self::assertSame(
            ['Third'],
            array_column(
                array_filter(
                    self::listAt($this->call('GET', '/api/kits'), 'kits'),
                    static fn (mixed $kit): bool => \is_array($kit) && self::SHEET === $kit['id'],
                ),
                'name',
            ),
            'once, by its new name',
        );
        self::assertSame('thole-splice-15', self::at($this->call('GET', '/api/jobs/'.self::INCHES), 'draft.kit.id'));
        self::assertSame(
            2,
            self::at($this->call('GET', '/api/jobs/'.self::INCHES), 'draft.kit.revision'),
            'a job keeps the revision that it was planned with',
        );
    }

    #[Test]
    public function aDraftIsTriedOnTheCablesOfAJobWithoutKeepingAnything(): void
    {
        $this->signIn('engineer');
        $draft = '/api/kit-drafts/quillon-straight-12';
        $tried = $this->call('GET', "$draft/tried-on/".self::HALF_CUT.'?size=2');
        $now = $this->call('GET', '/api/jobs/'.self::HALF_CUT);
        self::assertEqualsWithDelta(
            4,
            self::number($tried, 'job.markOut.marks.0.from.cable-end.atMm') - self::number($now, 'markOut.marks.0.from.cable-end.atMm'),
            1e-9,
            '112 instead of 108 mm of clear insulation',
        );
        self::assertNull(self::at($tried, 'job.markOut.marks.0.recorded'), 'nothing was cut to it');
        self::assertSame('kit.size', 'kit.'.self::text($this->call('GET', "$draft/tried-on/".self::HALF_CUT.'?size=9'), 'problems.0.path'));
        self::assertSame(
            'job',
            self::at($this->call('GET', "$draft/tried-on/019aa100-0000-7000-8000-000000000005?size=2"), 'problems.0.path'),
            'a termination takes no joint kit',
        );
    }

    #[Test]
    public function aDraftCanBeThrownAwayAndANewSheetBegun(): void
    {
        $this->signIn('engineer');
        $new = $this->call('PUT', '/api/kit-drafts/brand-new', '{}', ['If-Match' => '"0"', 'Content-Type' => 'text/plain']);
        self::assertSame([200, null], [$new->getStatusCode(), self::at($new, 'releasedRevision')]);
        $this->signIn('checker');
        $others = $this->call('DELETE', '/api/kit-drafts/brand-new');
        self::assertSame(403, $others->getStatusCode());
        self::assertStringContainsString('only who wrote in it or an administrator may throw it away', self::text($others, 'detail'));
        $this->signIn('engineer');
        self::assertSame(204, $this->call('DELETE', '/api/kit-drafts/brand-new')->getStatusCode());
        self::assertSame(404, $this->call('GET', '/api/kit-drafts/brand-new')->getStatusCode());
        $back = $this->call('POST', '/api/kit-drafts/brand-new/return');
        self::assertSame([200, '{}', 1], [$back->getStatusCode(), self::at($back, 'text'), self::at($back, 'version')]);
        self::assertSame(404, $this->call('POST', '/api/kit-drafts/brand-new/return')->getStatusCode(), 'it is back already');
        $this->signIn('administrator');
        self::assertSame(204, $this->call('DELETE', '/api/kit-drafts/brand-new')->getStatusCode());
        $this->signIn('engineer');
        self::assertSame(
            200,
            $this->call(
                'PUT', '/api/kit-drafts/brand-new', '{"id": 1}', ['If-Match' => '"0"', 'Content-Type' => 'text/plain'],
            )->getStatusCode(),
            'begun anew',
        );
        self::assertSame(404, $this->call('POST', '/api/kit-drafts/brand-new/return')->getStatusCode(), 'nothing is put back over it');
        self::assertSame(204, $this->call('DELETE', '/api/kit-drafts/brand-new')->getStatusCode());
        self::assertSame(
            404,
            $this->call('PUT', '/api/kit-drafts/brand-new', '{}', ['If-Match' => '"1"', 'Content-Type' => 'text/plain'])->getStatusCode(),
        );
        self::assertSame(
            422,
            $this->call(
                'PUT', '/api/kit-drafts/Not%20an%20id', '{}', ['If-Match' => '"0"', 'Content-Type' => 'text/plain'],
            )->getStatusCode(),
        );
    }

    #[Test]
    public function fiveMegabytesOfNonsenseAreRefusedAndTheDraftIsKept(): void
    {
        $this->signIn('engineer');
        $kept = $this->json($this->sheet(3));
        $this->save($kept, 0);
        $nonsense = $this->save(str_repeat('[{"sizes": 7}, ', 350_000), 1);
        self::assertSame(
            [422, 'text', 'must be UTF-8 text of at most 1 MB.'],
            [$nonsense->getStatusCode(), self::at($nonsense, 'problems.0.path'), self::at($nonsense, 'problems.0.message')],
        );
        self::assertSame(
            [$kept, 1], [self::at($this->call('GET', self::DRAFT), 'text'), self::at($this->call('GET', self::DRAFT), 'version')],
        );
        $many = $this->save('{"parts": ['.implode(', ', array_fill(0, 60_000, '{"key": 7}')).']}', 1);
        self::assertSame(200, $many->getStatusCode(), 'kept as it is typed, with its faults');
        self::assertContains('parts', array_column(self::listAt($many, 'problems'), 'path'));
        self::assertLessThan(200, \count(self::listAt($many, 'problems')));
        $deep = $this->save(str_repeat('[', 200_000), 2);
        self::assertStringStartsWith('is not JSON', self::text($deep, 'problems.0.message'));
        self::assertSame(422, $this->save("\xff\xfe", 3)->getStatusCode());
    }

    #[Test]
    public function aSheetOfTheSecondEditionIsReleasedOnlyWhenItIsProved(): void
    {
        $draft = '/api/kit-drafts/quillon-core-17';
        $file = json_decode((string) file_get_contents(__DIR__.'/../../demo/kits/quillon-core-17.json'), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($file);
        $this->signIn('engineer');
        $keep = fn (array $more, int $version): Response => $this->call(
            'PUT', $draft, $this->json([...$file, 'revision' => 2, ...$more]), [
                'If-Match' => "\"$version\"", 'Content-Type' => 'text/plain',
            ],
        );
        $stock = self::listIn($file, 'stock');
        self::assertSame([], self::at($keep(['stock' => [...$stock, ['key' => 'tie', 'name' => 'Tie', 'kind' => 'tie']]], 0), 'problems'));
        $proof = $this->call('GET', "$draft/proof");
        self::assertSame([200, false, 'unused', 'stock tie'], [
            $proof->getStatusCode(), self::at($proof, 'proved'), self::at($proof, 'shortfalls.0.fault'),
            self::at($proof, 'shortfalls.0.of'),
        ]);
        self::assertSame('number', self::at($this->call('GET', "$draft/proof/1"), 'problems.0.path'), 'it fails in no corner of its own');
        $items = self::listIn($file, 'items');
        self::assertIsArray($items[10]);
        $items[10]['hand'] = '200 mm';
        $keep(['items' => $items], 1);
        $corner = $this->call('GET', "$draft/proof/1");
        self::assertSame(
            [200, 'attachment; filename="quillon-core-17-1.job.json"', 'berm/job/1'],
            [$corner->getStatusCode(), $corner->headers->get('Content-Disposition'), self::at($corner, 'format')],
        );
        $this->signIn('checker');
        $release = fn (int $version): Response => $this->call('POST', "$draft/release", null, ['If-Match' => "\"$version\""]);
        $refused = $release(2);
        self::assertSame(409, $refused->getStatusCode());
        self::assertStringStartsWith('It is not proved: {count} in all', self::text($refused, 'reason.template'));
        $this->signIn('engineer');
        $keep([], 2);
        self::assertTrue(self::at($this->call('GET', "$draft/proof"), 'proved'));
        $this->signIn('checker');
        self::assertSame(201, $release(3)->getStatusCode());
    }

    /**
     * @param array<mixed> $file
     *
     * @return array<mixed>
     */
    private static function listIn(array $file, string $key): array
    {
        self::assertIsArray($file[$key]);

        return $file[$key];
    }

    private function save(string $text, int $version): Response
    {
        return $this->call('PUT', self::DRAFT, $text, ['If-Match' => "\"$version\"", 'Content-Type' => 'text/plain']);
    }

    private function release(int $version): Response
    {
        return $this->call('POST', self::DRAFT.'/release', null, ['If-Match' => "\"$version\""]);
    }

    /** @return array<mixed> */
    private function sheet(int $revision): array
    {
        $file = json_decode((string) $this->call('GET', '/api/kits/'.self::SHEET.'/2')->getContent(), true, 32, \JSON_THROW_ON_ERROR);
        self::assertIsArray($file);

        return [...$file, 'revision' => $revision];
    }

    /** @param array<mixed> $sheet */
    private function json(array $sheet): string
    {
        return json_encode($sheet, \JSON_THROW_ON_ERROR);
    }

    private static function number(Response $response, string $path): float
    {
        $number = self::at($response, $path);
        self::assertIsNumeric($number);

        return (float) $number;
    }
}
