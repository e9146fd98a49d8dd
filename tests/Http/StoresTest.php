<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Uid\Uuid;

final class StoresTest extends ApiTestCase
{
    #[Test]
    public function theFirstToExpireComesFirstAndAnExpiredOneSaysWhyItCannotBeTaken(): void
    {
        $this->signIn('jointer');
        $boxes = self::listAt($this->call('GET', '/api/boxes'), 'boxes');
        $expiries = array_column($boxes, 'expiresOn');
        $sorted = $expiries;
        sort($sorted);
        self::assertSame($sorted, $expiries);
        self::assertSame('2026-03-01', $sorted[0] ?? '');
        $first = $this->call('GET', '/api/boxes');
        self::assertSame('It expired on {date}: send it back.', self::at($first, 'boxes.0.refusal.template'));
        self::assertSame(409, $this->reserve(self::text($first, 'boxes.0.id'), self::STAGED)->getStatusCode());
    }

    #[Test]
    public function aBoxIsReadInFromItsLabelOnceAndItsItemNumberTellsTheKit(): void
    {
        $this->signIn('storekeeper');
        $label = self::text($this->call('GET', '/api/label-reader'), 'label');
        self::assertStringStartsWith(']d2', $label, 'as such a reader sends it');
        $id = Uuid::v7()->toRfc4122();
        $added = $this->add($id, $label);
        self::assertSame(
            [201, 'quillon-indoor-end-12', '2', 'Q26-1177'],
            [$added->getStatusCode(), self::at($added, 'box.kit.id'), self::at($added, 'box.kit.size'), self::at($added, 'box.batch')],
        );
        self::assertSame(201, $this->add($id, $label)->getStatusCode(), 'sent twice, stored once');
        $serial = self::text($this->call('GET', '/api/label-reader'), 'label');
        self::assertSame(201, $this->add(Uuid::v7()->toRfc4122(), $serial)->getStatusCode());
        $again = $this->add(Uuid::v7()->toRfc4122(), $serial);
        self::assertSame(409, $again->getStatusCode());
        self::assertStringContainsString('each box has its own', self::text($again, 'detail'));
    }

    #[Test]
    public function aBadLabelIsRefusedWithItsMend(): void
    {
        $this->signIn('storekeeper');
        foreach ([
            '' => 'is empty',
            '(01)09501101530004' => 'its last digit should be 3',
            '(01)09501101530003' => 'which no released kit sheet has',
        ] as $label => $reason) {
            $bad = $this->add(Uuid::v7()->toRfc4122(), $label);
            self::assertSame([422, 'label'], [$bad->getStatusCode(), self::at($bad, 'problems.0.path')]);
            self::assertStringContainsString($reason, self::text($bad, 'problems.0.message'));
        }
        $this->signIn('jointer');
        self::assertSame(403, $this->add(Uuid::v7()->toRfc4122(), '(01)09501101530003')->getStatusCode());
    }

    #[Test]
    public function aBoxIsSetAsideForOneJobOpenedThereAndItsContentsCheckedOff(): void
    {
        $this->signIn('jointer');
        $boxes = $this->call('GET', '/api/boxes?kit=quillon-wire-joint-12&size=95&job='.self::STAGED);
        self::assertSame(2, self::at($boxes, 'total'));
        $id = self::text($boxes, 'boxes.0.id');
        self::assertSame(
            [200, self::STAGED],
            [
                $this->reserve($id, self::STAGED)->getStatusCode(),
                self::at($this->call('GET', '/api/boxes?kit=quillon-wire-joint-12&size=95'), 'boxes.0.reservedFor'),
            ],
        );
        $taken = $this->reserve($id, self::INCHES);
        self::assertSame([409, 'It is reserved for another job.'], [$taken->getStatusCode(), self::at($taken, 'detail')]);
        self::assertSame(422, $this->open($id, ['hat'])->getStatusCode());
        self::assertSame(201, $this->open($id, ['mesh'])->getStatusCode());
        $opened = $this->call('GET', '/api/boxes?kit=quillon-wire-joint-12&size=95&job='.self::STAGED);
        self::assertSame(
            [['mesh'], 'Parts of it were missing when it was checked.'],
            [self::listAt($opened, 'boxes.0.missing'), self::at($opened, 'boxes.0.refusal.template')],
        );
        $holds = array_column(self::listAt($opened, 'boxes.0.holds'), 'count', 'key');
        self::assertContains(6, $holds, 'a stress tube for each core of each end');
        self::assertSame(404, $this->reserve(Uuid::v7()->toRfc4122(), self::STAGED)->getStatusCode());
    }

    #[Test]
    public function anOpenedBoxStandsInTheLogOfItsJobAndIsJudgedInTheFitOfTheKit(): void
    {
        $this->signIn('jointer');
        $job = '/api/jobs/'.self::STAGED;
        $id = self::text($this->call('GET', '/api/boxes?kit=quillon-wire-joint-12&size=95&job='.self::STAGED), 'boxes.0.id');
        self::assertSame(201, $this->open($id, ['mesh'])->getStatusCode());
        $opened = $this->call('GET', $job);
        self::assertSame(
            ['fits', 'fits', 'does-not-fit'],
            array_map(
                static fn (string $criterion): string => self::outcomeOf($opened, $criterion), ['box-item', 'shelf-life', 'box-contents'],
            ),
        );
        $entries = \count(self::listAt($opened, 'log'));
        self::assertSame(
            ['box-opened', $id],
            [self::at($opened, 'log.'.($entries - 1).'.event.kind'), self::at($opened, 'log.'.($entries - 1).'.event.box')],
        );
        self::assertSame(
            422,
            $this->write(
                self::STAGED,
                ['kind' => 'box-opened', 'box' => $id, 'item' => '09521230012218', 'batch' => '', 'serial' => '', 'missing' => []],
            )->getStatusCode(),
            'only the server says so',
        );
        $withdrawn = $this->after(
            self::STAGED,
            ['kind' => 'withdrawn', 'entry' => self::text($opened, 'log.'.($entries - 1).'.id'), 'reason' => 'The wrong box.'],
        );
        self::assertSame([200, ''], [$withdrawn->getStatusCode(), self::outcomeOf($withdrawn, 'box-contents')]);
        $back = $this->call('GET', '/api/boxes?kit=quillon-wire-joint-12&size=95&job='.self::STAGED);
        self::assertSame(
            [null, null, null],
            [self::at($back, 'boxes.0.openedAt'), self::at($back, 'boxes.0.reservedFor'), self::at($back, 'boxes.0.refusal')],
        );
        $entry = Uuid::v7()->toRfc4122();
        self::assertSame([201, 201], [$this->open($id, [], $entry)->getStatusCode(), $this->open($id, [], $entry)->getStatusCode()]);
        self::assertCount($entries + 2, self::listAt($this->call('GET', $job), 'log'), 'sent twice, said once');
        self::assertSame(201, $this->open($id, ['mesh'])->getStatusCode(), 'looked at again: something is missing after all');
        $again = $this->call('GET', $job);
        $this->write(
            self::STAGED,
            ['kind' => 'withdrawn', 'entry' => self::text($again, 'log.'.($entries + 2).'.id'), 'reason' => 'The mesh was there.'],
        );
        self::assertSame('fits', self::outcomeOf($this->call('GET', $job), 'box-contents'));
        $still = $this->call('GET', '/api/boxes?kit=quillon-wire-joint-12&size=95&job='.self::STAGED);
        self::assertNotNull(self::at($still, 'boxes.0.openedAt'), 'it is open still');
        self::assertSame([], self::listAt($still, 'boxes.0.missing'), 'as the first look found it');
    }

    /** States in which a box may be taken, opened and put back, and by whom. */
    #[Test]
    public function aBoxGoesBackFromTheJobItStandsAsideForAndNotOnceItIsOpen(): void
    {
        $this->signIn('jointer');
        $id = self::text($this->call('GET', '/api/boxes?kit=quillon-wire-joint-12&size=95&job='.self::STAGED), 'boxes.0.id');
        self::assertSame(200, $this->reserve($id, self::STAGED)->getStatusCode());
        $this->signIn('engineer');
        $this->call('PUT', '/api/jobs/'.self::STAGED.'/crew', ['people' => ['jointer']]);
        self::assertSame(403, $this->reserve($id, null)->getStatusCode(), 'it is not theirs to put back');
        $this->signIn('jointer');
        $back = $this->reserve($id, null);
        self::assertSame([200, null], [$back->getStatusCode(), self::at($back, 'reservedFor')]);
        self::assertSame(201, $this->open($id, [])->getStatusCode(), 'from the shelf');
        $refused = $this->reserve($id, null);
        self::assertSame(409, $refused->getStatusCode());
        self::assertStringStartsWith('It is open: what was taken from it is in the work.', self::text($refused, 'detail'));
        self::assertSame(self::STAGED, self::at($this->call('GET', '/api/boxes?kit=quillon-wire-joint-12&size=95'), 'boxes.0.reservedFor'));
        $this->signIn('storekeeper');
        self::assertSame(409, $this->reserve($id, self::INCHES)->getStatusCode(), 'for another job');
    }

    /** A new revision may have other item numbers: boxes of the one before are still what they were. */
    #[Test]
    public function aBoxOfAnOlderRevisionIsStillKnownByItsItemNumber(): void
    {
        $sheet = (array) json_decode((string) file_get_contents(__DIR__.'/../../demo/kits/quillon-straight-12.json'), true);
        self::assertIsInt($sheet['revision']);
        $next = 1 + $sheet['revision'];
        $text = str_replace('09521230012959', '09506000134352', (string) json_encode([...$sheet, 'revision' => $next]));
        $path = '/api/kit-drafts/quillon-straight-12';
        $this->signIn('administrator');
        self::assertSame(204, $this->call('DELETE', $path)->getStatusCode());
        $this->signIn('engineer');
        self::assertSame(200, $this->call('PUT', $path, $text, ['If-Match' => '"0"', 'Content-Type' => 'text/plain'])->getStatusCode());
        $this->signIn('checker');
        $released = $this->call('POST', "$path/release", null, ['If-Match' => '"1"']);
        self::assertSame(201, $released->getStatusCode(), (string) $released->getContent());
        $this->signIn('storekeeper');
        $old = $this->add(Uuid::v7()->toRfc4122(), '(01)09521230012959(10)OLD');
        self::assertSame([201, $next - 1], [$old->getStatusCode(), self::at($old, 'box.kit.revision')], (string) $old->getContent());
        $new = $this->add(Uuid::v7()->toRfc4122(), '(01)09506000134352(10)NEW');
        self::assertSame([201, $next], [$new->getStatusCode(), self::at($new, 'box.kit.revision')]);
        $both = $this->add(Uuid::v7()->toRfc4122(), '(01)09521230013321(10)BOTH');
        self::assertSame([201, $next], [$both->getStatusCode(), self::at($both, 'box.kit.revision')], 'of two revisions the newer');
        self::assertSame(422, $this->add(Uuid::v7()->toRfc4122(), '(01)09501101530003')->getStatusCode(), 'of none');
    }

    private static function outcomeOf(Response $job, string $criterion): string
    {
        $outcomes = array_column(self::listAt($job, 'fit.kit.findings'), 'outcome', 'criterion');

        return \is_string($outcomes[$criterion] ?? null) ? $outcomes[$criterion] : '';
    }

    private function add(string $id, string $label): Response
    {
        return $this->call('POST', '/api/boxes', ['id' => $id, 'label' => $label, 'place' => 'Shelf 1']);
    }

    private function reserve(string $id, ?string $job): Response
    {
        return $this->call('PUT', "/api/boxes/$id/reservation", ['job' => $job]);
    }

    /** @param list<string> $missing */
    private function open(string $id, array $missing, ?string $entry = null): Response
    {
        return $this->call('POST', "/api/boxes/$id/opening", [
            'id' => $entry ?? Uuid::v7()->toRfc4122(), 'job' => self::STAGED, 'missing' => $missing,
        ]);
    }
}
