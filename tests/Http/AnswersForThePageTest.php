<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;

/**
 * The tests of the page are given what the server really answers: the files in cases/answers, held current here. `tools/answers.sh` writes
 * them anew.
 */
final class AnswersForThePageTest extends ApiTestCase
{
    private const FOLDER = __DIR__.'/../../cases/answers';

    #[Test]
    #[DataProvider('questions')]
    public function theyAreWhatTheServerAnswers(string $file, string $path, string $user = 'jointer'): void
    {
        $this->signIn($user);
        $answer = self::settled((string) $this->call('GET', $path)->getContent());
        $known = self::FOLDER."/$file.json";
        if ('' !== (string) getenv('BERM_WRITES_ANSWERS')) {
            file_put_contents($known, $answer);
        }
        self::assertSame((string) file_get_contents($known), $answer, 'write them anew: tools/answers.sh');
    }

    /** @return iterable<string, array{0: string, 1: string, 2?: string}> file, path and who asks */
    public static function questions(): iterable
    {
        foreach (['jointer', 'engineer', 'storekeeper', 'trainer', 'administrator'] as $user) {
            yield "session of $user" => ["session-$user", '/api/session', $user];
        }
        foreach ([
            'jobs' => '/api/jobs?page=1&perPage=50',
            'job-finished' => '/api/jobs/'.self::FINISHED,
            'job-half-cut' => '/api/jobs/'.self::HALF_CUT,
            'job-in-inches' => '/api/jobs/'.self::INCHES,
            'job-staged' => '/api/jobs/'.self::STAGED,
            'job-no-fit' => '/api/jobs/'.self::NO_FIT,
            'kits-for-half-cut' => '/api/jobs/'.self::HALF_CUT.'/kits?page=1',
            'connectors-for-half-cut' => '/api/jobs/'.self::HALF_CUT.'/connectors?page=1',
            'tools-for-half-cut' => '/api/jobs/'.self::HALF_CUT.'/tools',
            'cables' => '/api/cables?q=95+al&page=1&perPage=20',
            'kits' => '/api/kits?page=1&perPage=20',
            'connectors' => '/api/connectors?page=1&perPage=20',
            'words-of-a-kit' => '/api/kits/harrow-allinone-28/1/words',
            'draft' => '/api/kit-drafts/quillon-straight-12',
            'draft-begun' => '/api/kit-drafts/osterwick-plain-12',
            'draft-begun-tried' => '/api/kit-drafts/osterwick-plain-12/tried-on/'.self::LINED.'?size=1',
            'draft-tried' => '/api/kit-drafts/quillon-straight-12/tried-on/'.self::HALF_CUT.'?size=2',
            'skeletons' => '/api/kit-skeletons',
            'skeleton' => '/api/kit-skeletons/kind-14',
            'crew' => '/api/jobs/'.self::HALF_CUT.'/crew',
            'chain' => '/api/jobs/'.self::FINISHED.'/chain',
            'people' => '/api/people',
            'tools' => '/api/tools',
            'bench' => '/api/bench',
            'bench-strip' => '/api/bench/strip?unit=mm',
            'bench-tape' => '/api/bench/tape?unit=mm',
            'boxes' => '/api/boxes?page=1&perPage=20',
        ] as $file => $path) {
            $isWritten = str_starts_with($file, 'draft') || str_starts_with($file, 'skeleton');
            yield $file => $isWritten ? [$file, $path, 'engineer'] : [$file, $path];
        }
    }

    /** Without what is another one each time: ids and hashes are numbered, and what the server's clock wrote is a morning in March. */
    private static function settled(string $answer): string
    {
        $json = json_decode($answer, false, 512, \JSON_THROW_ON_ERROR);
        if ($json instanceof \stdClass && \is_array($json->jobs ?? null)) {
            // All were made in the same second: none is the latest.
            usort($json->jobs, static fn (mixed $a, mixed $b): int => json_encode($a) <=> json_encode($b));
        }
        $text = json_encode($json, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRETTY_PRINT)."\n";
        $seen = [];
        $number = static function (string $id) use (&$seen): int {
            return $seen[$id] ??= \count($seen) + 1;
        };
        $text = self::each('/^ +/m', $text, static fn (string $indent): string => str_repeat(' ', intdiv(\strlen($indent), 4)));
        $text = self::each(
            '/(?!019aa1)[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f-]{21}/', $text,
            static fn (string $id): string => \sprintf('019aaf00-0000-7000-8000-%012d', $number($id)),
        );
        $text = self::each(
            '/[0-9a-f]{64}/', $text, static fn (string $hash): string => str_pad((string) $number($hash), 64, '0', \STR_PAD_LEFT),
        );
        $text = self::each('/(?<="csrfToken": ")[^"]+/', $text, static fn (string $token): string => 'token');

        $isNow = static fn (string $time): bool => abs((int) strtotime($time) - time()) < 86_400;
        $text = self::each(
            '/\d{1,2} [A-Z][a-z]{2} \d{4}, \d\d:\d\d \+00:00/', $text,
            static fn (string $time): string => $isNow($time) ? '14 Mar 2026, 09:00 +00:00' : $time,
        );

        // The day on which the demo was loaded.
        $text = self::each(
            '/(?<="text": ")\d{4}-\d\d-\d\d(?=")/', $text,
            static fn (string $day): string => $isNow($day) ? '2026-03-14' : $day,
        );

        return self::each(
            '/\d{4}-\d\d-\d\dT[\d:]{8}\+00:00/', $text,
            static fn (string $time): string => $isNow($time) ? '2026-03-14T09:00:00+00:00' : $time,
        );
    }

    /** @param \Closure(string): string $by */
    private static function each(string $pattern, string $text, \Closure $by): string
    {
        return (string) preg_replace_callback($pattern, static fn (array $match): string => $by($match[0]), $text);
    }
}
