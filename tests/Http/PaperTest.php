<?php

declare(strict_types=1);

namespace App\Tests\Http;

use App\Tests\Paper\Pages;
use PHPUnit\Framework\Attributes\Test;

/** The papers of a job by their addresses. */
final class PaperTest extends ApiTestCase
{
    #[Test]
    public function eachPaperIsAPdfOfThatJob(): void
    {
        $this->signIn('jointer');
        foreach (['card', 'template', 'stages', 'labels'] as $printed) {
            $answer = $this->call('GET', '/api/jobs/'.self::HALF_CUT."/$printed.pdf?unit=mm&paper=a4");
            self::assertSame([200, 'application/pdf'], [$answer->getStatusCode(), $answer->headers->get('Content-Type')]);
            self::assertStringContainsString("Sallow-Fen-3-joint-2-$printed.pdf", (string) $answer->headers->get('Content-Disposition'));
            $pages = Pages::of((string) $answer->getContent());
            self::assertStringContainsString('Sallow Fen 3', $pages->text());
            self::assertSame([], $pages->unreadable('labels' === $printed ? 8.0 : 14.0), $printed);
        }
    }

    /** The record, too: concessions first, checks with their limits, nothing on anything else; on either sheet, in either world. */
    #[Test]
    public function theRecordReadsAsWellOnEitherSheet(): void
    {
        $this->signIn('jointer');
        foreach (['unit=mm&paper=a4', 'unit=in&paper=letter', 'unit=mm&paper=letter'] as $query) {
            foreach ([self::FINISHED, self::HALF_CUT, '019aa100-0000-7000-8000-000000000007'] as $job) {
                $pages = Pages::of((string) $this->call('GET', "/api/jobs/$job/record.pdf?$query")->getContent());
                self::assertSame([], $pages->unreadable(), "$job $query");
                self::assertMatchesRegularExpression('/What was let stand.*Facts.*Cuts.*What was written down/s', $pages->text());
            }
        }
    }

    #[Test]
    public function whatCannotBeAskedForIsNamedAndAStrangerGetsNothing(): void
    {
        self::assertSame(401, $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/card.pdf')->getStatusCode());
        $this->signIn('jointer');
        $answer = $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/card.pdf?paper=a3&end=C&copies=0&hat=1');
        self::assertSame(422, $answer->getStatusCode());
        self::assertEqualsCanonicalizing(
            ['end', 'paper', 'copies', 'hat'], array_column(self::listAt($answer, 'problems'), 'path'),
        );
        self::assertSame(404, $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/hat.pdf')->getStatusCode());
    }
}
