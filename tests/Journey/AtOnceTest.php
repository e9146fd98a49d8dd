<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Uid\Uuid;

/** The same thing sent several times at the same moment: one wins, the others get the same answer or are told. */
final class AtOnceTest extends TestCase
{
    private const TIMES = 6;

    /**
     * @return iterable<string, array{string, \Closure(string): array{0: string, 1: string, 2?: mixed}, list<int>}> user, question by an
     *                                                                                                              id, statuses
     */
    public static function sent(): iterable
    {
        $connector = (string) file_get_contents(__DIR__.'/../../demo/connectors/brasswick-al-95.json');
        yield 'a job' => ['jointer', static fn (string $id): array => [
            'POST', '/api/jobs', ['id' => $id, 'name' => 'At once', 'function' => 'joint', 'unit' => 'mm'],
        ], [201]];
        yield 'a box' => ['storekeeper', static fn (string $id): array => [
            'POST', '/api/boxes', ['id' => $id, 'label' => '(01)09521230013321(10)AT1(21)'.substr(strrev($id), 0, 9), 'place' => 'Here'],
        ], [201]];
        yield 'a connector' => ['engineer', static fn (string $id): array => [
            'POST', '/api/connectors', [...(array) json_decode($connector, true), 'id' => "at-once-$id"],
        ], [201, 409, 422]];
        yield 'a tool' => ['storekeeper', static fn (string $id): array => [
            'POST', '/api/tools', ['id' => $id, 'kind' => 'crimp-press', 'name' => 'At once', 'dies' => ['hexagonal, Al 95']],
        ], [201]];
        yield 'a person' => ['administrator', static fn (string $id): array => [
            'POST', '/api/people', ['name' => 'p'.substr(strrev($id), 0, 9), 'shownAs' => "At once $id", 'role' => 'jointer'],
        ], [201, 422, 409]];
        yield 'a draft' => [
            'engineer', static fn (string $id): array => ['PUT', "/api/kit-drafts/d-$id", '{}', ['If-Match' => '"0"']], [200, 409],
        ];
        yield 'an entry' => ['jointer', static fn (string $id): array => [
            'POST', '/api/jobs/019aa100-0000-7000-8000-000000000007/log',
            ['id' => $id, 'event' => [
                'kind' => 'check-made', 'stage' => 'stress', 'check' => 'step', 'end' => 'A', 'core' => 1,
                'reading' => ['typed' => '4', 'unit' => 'mm', 'instrument' => 'steel-rule'],
            ]],
        ], [201]];
    }

    /**
     * @param \Closure(string): array{0: string, 1: string, 2?: mixed} $question
     * @param list<int>                                                $statuses the first of one at least, the others of the rest
     */
    #[Test]
    #[DataProvider('sent')]
    public function oneWinsAndTheOthersAreTold(string $user, \Closure $question, array $statuses): void
    {
        $visitor = Visitor::of($user);
        foreach (range(1, 3) as $round) {
            $id = Uuid::v7()->toRfc4122();
            $answers = $visitor->atOnce(array_fill(0, self::TIMES, $question($id)));
            $got = array_map(static fn (Answer $answer): int => $answer->status, $answers);
            self::assertContains($statuses[0], $got, $answers[0]->body);
            self::assertSame(
                [], array_diff($got, $statuses), implode("\n", array_map(static fn (Answer $answer): string => $answer->body, $answers)),
            );
            if (1 < \count($statuses)) {
                self::assertCount(1, array_keys($got, $statuses[0], true), "round $round: one of them wins");
            }
        }
    }

    /** The edit that was kept last is what is released, or who released it is told that it has changed: no edit is lost. */
    #[Test]
    public function aDraftSavedWhileItIsReleasedLosesNoEdit(): void
    {
        [$writer, $checker] = [Visitor::of('engineer'), Visitor::of('checker')];
        $sheet = (array) json_decode((string) file_get_contents(__DIR__.'/../../demo/kits/thole-splice-15.json'), true);
        $id = 'lost-edit-'.substr(strrev(Uuid::v7()->toRfc4122()), 0, 8);
        $first = ['If-Match' => '"1"'];
        foreach (range(1, 8) as $revision) {
            $text = static fn (string $name): string => json_encode(
                [...$sheet, 'id' => $id, 'revision' => $revision, 'name' => $name], \JSON_THROW_ON_ERROR,
            );
            self::assertSame(200, $writer->ask('PUT', "/api/kit-drafts/$id", $text('looked at'), ['If-Match' => '"0"'])->status);
            // From two people: each of their own session, both in one bundle.
            $release = $checker->begin('POST', "/api/kit-drafts/$id/release", null, $first);
            $save = $writer->ask('PUT', "/api/kit-drafts/$id", $text('edited'), $first);
            $released = $release->end();
            $name = $writer->ask('GET', "/api/kits/$id/$revision")->at('name');
            if (201 === $released->status) {
                self::assertSame('looked at', $name, 'what was looked at is what is released');
                self::assertContains($save->status, [404, 409], 'and who edited is told');
            } else {
                self::assertSame([409, 200], [$released->status, $save->status]);
                self::assertSame('edited', json_decode((string) json_encode($writer->ask('GET', "/api/kit-drafts/$id")->at('sheet.name'))));
                self::assertSame(201, $checker->ask('POST', "/api/kit-drafts/$id/release", null, ['If-Match' => '"2"'])->status);
            }
        }
    }
}
